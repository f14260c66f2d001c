<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;

/**
 * The order in which activities are planned: what is under way first, then round by round the one that has to start
 * soonest for its build to be over when it is due. The latest start comes from a backward pass over each build, with
 * labour stretched to clock time by the mean week of the people.
 */
final class Priority
{
    /** A build without a due date is treated as due in two years. */
    private const NO_HURRY = 1_051_200;

    /** @return array<int|string, int> by activity: the sooner, the smaller */
    public static function keys(Problem $problem): array
    {
        return self::latestStarts($problem);
    }

    /** @return array<int|string, int> */
    private static function latestStarts(Problem $problem): array
    {
        $stretch = self::stretch($problem->workers);
        $finish = $start = [];
        foreach (array_reverse($problem->activities, true) as $id => $activity) {
            $due = ($problem->dues[$activity->build] ?? new Due(null))->instant ?? $problem->now + self::NO_HURRY;
            $start[$id] = min($finish[$id] ?? $due, $due) - $activity->hold - (int) ceil($activity->work * $stretch);
            foreach ($activity->predecessors as $predecessor) {
                $finish[$predecessor->activity] = min(
                    $finish[$predecessor->activity] ?? PHP_INT_MAX, $start[$id] - $predecessor->lag,
                );
            }
        }

        return $start;
    }

    /** @param  list<Worker>  $workers */
    private static function stretch(array $workers): float
    {
        if ($workers === []) {
            return 1.0;
        }

        return array_sum(
            array_map(static fn (Worker $worker): float => $worker->calendar->stretch(), $workers),
        ) / count($workers);
    }
}
