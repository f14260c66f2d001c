<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** A plan that was looked for longer, beside the one it started from. */
final readonly class Improved
{
    public function __construct(public Plan $first, public Plan $best, public int $firstCost, public int $bestCost, public int $schedules)
    {
    }
}
