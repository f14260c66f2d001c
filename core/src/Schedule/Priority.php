<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/**
 * The order in which activities are planned: what is under way first, then round by round the one that has to start
 * soonest for its build to be over when it is due. The latest start comes from a backward pass over each build, with
 * labour stretched to clock time by the mean week of the people.
 */
final class Priority
{
    /** A build without a due date is treated as due in two years. */
    private const NO_HURRY = 1_051_200;

    /** @return list<Activity> every predecessor before its successors, what is under way first */
    public static function order(Problem $problem): array
    {
        return self::sorted($problem, self::keys($problem));
    }

    /** @return array<string, int> by activity: the sooner, the smaller */
    public static function keys(Problem $problem): array
    {
        return self::latestStarts($problem);
    }

    /**
     * The smallest key first, as far as links allow; a later round only after the earlier ones.
     *
     * @param  array<string, int>  $keys
     * @return list<Activity>
     */
    public static function sorted(Problem $problem, array $keys): array
    {
        $waits = $after = $rank = [];
        $heap = new \SplMinHeap;
        $index = 0;
        foreach ($problem->activities as $id => $activity) {
            $rank[$id] = $activity->isUnderWay() ? [0, $activity->holdUntil ?? $activity->startedAt, $index] : [($problem->dues[$activity->build] ?? new Due(null))->round + 1, $keys[$id], $index];
            $waits[$id] = 0;
            foreach ($activity->predecessors as $predecessor) {
                if (isset($problem->activities[$predecessor->activity])) {
                    $waits[$id]++;
                    $after[$predecessor->activity][] = $id;
                }
            }
            $index++;
        }
        foreach ($waits as $id => $count) {
            if ($count === 0) {
                $heap->insert([...$rank[$id], $id]);
            }
        }
        $order = [];
        while (! $heap->isEmpty()) {
            $id = $heap->extract()[3];
            $order[] = $problem->activities[$id];
            foreach ($after[$id] ?? [] as $next) {
                if (--$waits[$next] === 0) {
                    $heap->insert([...$rank[$next], $next]);
                }
            }
        }

        return $order;
    }

    /** @return array<string, int> */
    private static function latestStarts(Problem $problem): array
    {
        $stretch = self::stretch($problem->workers);
        $finish = $start = [];
        foreach (array_reverse($problem->activities, true) as $id => $activity) {
            $due = ($problem->dues[$activity->build] ?? new Due(null))->instant ?? $problem->now + self::NO_HURRY;
            $start[$id] = min($finish[$id] ?? $due, $due) - $activity->hold - (int) ceil($activity->work * $stretch);
            foreach ($activity->predecessors as $predecessor) {
                $finish[$predecessor->activity] = min($finish[$predecessor->activity] ?? PHP_INT_MAX, $start[$id] - $predecessor->lag);
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

        return array_sum(array_map(static fn (Worker $worker): float => $worker->calendar->stretch(), $workers)) / count($workers);
    }
}
