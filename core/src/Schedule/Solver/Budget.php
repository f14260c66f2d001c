<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Closure;

/** How much may be spent: schedules that are generated, and whatever else says stop. */
final class Budget
{
    public int $spent = 0;

    /** @param  (Closure(): bool)|null  $timeIsUp  asked between schedules; the core itself has no clock */
    public function __construct(public readonly int $schedules, private readonly ?Closure $timeIsUp = null)
    {
    }

    /** @param  int  $wanted  schedules that the next step takes */
    public function isSpent(int $wanted = 1): bool
    {
        return $this->spent + $wanted > $this->schedules || ($this->timeIsUp !== null && ($this->timeIsUp)());
    }
}
