<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Regimen\Schedule\Plan\Plan;

/** A plan that was looked for longer, beside the one it started from. */
final readonly class Improved
{
    /**
     * @param  array<int|string, int>  $keys  the order that makes the best plan, by activity
     * @param  array<int|string, int>  $people  who does it in the best plan where that was chosen, by activity
     */
    public function __construct(
        public array $keys,
        public array $people,
        public Plan $best,
        public int $firstCost,
        public int $bestCost,
        public int $schedules,
    ) {
    }
}
