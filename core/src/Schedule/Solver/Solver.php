<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

/** The shortest schedule that a budget finds: the same for the same project, budget and seed, on every machine. */
final class Solver
{
    /** A job shop is searched from the best of so many that evolution brings. */
    private const BEFORE_SWAPS = 150;

    public static function solve(Project $project, Budget $budget, int $seed): Solution
    {
        if ($project->machines === null) {
            return Evolution::solve($project, $budget, $seed);
        }
        $first = new Budget(min($budget->schedules, self::BEFORE_SWAPS));
        $start = Evolution::solve($project, $first, $seed);
        $budget->spent += $first->spent;

        return (new MachineSwaps($project, $seed))->improve($start, $budget);
    }
}
