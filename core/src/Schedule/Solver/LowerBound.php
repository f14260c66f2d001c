<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

/** What no schedule can be shorter than: the longest chain, and the work of every resource over its capacity. */
final class LowerBound
{
    public static function of(Project $project): int
    {
        return $project->criticalLength();
    }
}
