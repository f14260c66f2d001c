<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

/** An activity that cannot be planned, and what would fix it. */
final readonly class Unplanned
{
    public function __construct(public int|string $activity, public string $why)
    {
    }
}
