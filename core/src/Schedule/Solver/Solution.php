<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

/** A schedule of a project: starts by job, counted from 0. */
final readonly class Solution
{
    /** @param  list<int>  $starts */
    public function __construct(public array $starts, public int $makespan)
    {
    }

    /** @return list<int> the jobs in the order of their starts; with equal starts as they were given */
    public function list(Project $project): array
    {
        $starts = $this->starts;
        $place = array_flip($project->order);
        $list = $project->order;
        usort($list, static fn (int $a, int $b): int => $starts[$a] <=> $starts[$b] ?: $place[$a] <=> $place[$b]);

        return $list;
    }
}
