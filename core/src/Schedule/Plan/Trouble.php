<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

/** What a plan cannot do as it was asked to, and what would fix it. */
final readonly class Trouble
{
    public function __construct(
        public string $kind,
        public int|string|null $activity,
        public int|string|null $build,
        public string $words,
    ) {
    }
}
