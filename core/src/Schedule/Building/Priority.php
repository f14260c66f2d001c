<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Problem\Activity;
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

    /** @return list<Activity> every predecessor before its successors, what is under way first */
    public static function order(Problem $problem): array
    {
        return self::sorted($problem, self::keys($problem));
    }

    /** @return array<int|string, int> by activity: the sooner, the smaller */
    public static function keys(Problem $problem): array
    {
        return self::latestStarts($problem);
    }

    /**
     * The smallest key first, as far as links allow; a later round only after the earlier ones. Before all of them what
     * is under way, then what was announced before and is kept, then what has to go ahead. A coat whose window is open
     * follows the one under it at once.
     *
     * @param  array<int|string, int>  $keys
     * @param  array<int|string, true>  $ahead
     * @return list<Activity>
     */
    public static function sorted(Problem $problem, array $keys, array $ahead = []): array
    {
        $waits = $after = $rank = [];
        $heap = new \SplMinHeap;
        $index = 0;
        foreach ($problem->activities as $id => $activity) {
            $rank[$id] = match (true) {
                $activity->isUnderWay() => [0, $activity->holdUntil ?? $activity->startedAt, $index],
                $activity->announced !== null => [1, $activity->announced->start, $index],
                isset($ahead[$id]) => [2, $keys[$id], $index],
                default => [($problem->dues[$activity->build] ?? new Due(null))->round + 3, $keys[$id], $index],
            };
            $waits[$id] = count($problem->before[$id]);
            foreach ($problem->before[$id] as $before) {
                $after[$before][] = $id;
            }
            if ($waits[$id] === 0) {
                $heap->insert([...$rank[$id], $id]);
            }
            $index++;
        }
        $order = [];
        while (! $heap->isEmpty()) {
            $id = $heap->extract()[3];
            $order[] = $problem->activities[$id];
            foreach ($after[$id] ?? [] as $next) {
                if ($problem->activities[$next]->windows !== [] && self::follows($problem->activities[$next], $id)) {
                    $rank[$next] = min($rank[$next], $rank[$id]);
                }
                if (--$waits[$next] === 0) {
                    $heap->insert([...$rank[$next], $next]);
                }
            }
        }

        return $order;
    }

    private static function follows(Activity $activity, int|string $before): bool
    {
        foreach ($activity->windows as $window) {
            if ($window->after === $before) {
                return true;
            }
        }

        return false;
    }

    /**
     * Some activities and all that comes before them.
     *
     * @param  list<int|string>  $activities
     * @return array<int|string, true>
     */
    public static function withAllBefore(Problem $problem, array $activities): array
    {
        $all = [];
        for ($open = $activities; $open !== [];) {
            $id = array_pop($open);
            if (! isset($all[$id])) {
                $all[$id] = true;
                array_push($open, ...$problem->before[$id]);
            }
        }

        return $all;
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
