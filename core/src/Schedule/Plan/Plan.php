<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Grid;

/** The result of planning: an assignment for every activity that can be planned, and why for those that cannot. */
final readonly class Plan
{
    /**
     * @param  array<int|string, Assignment>  $assignments  by activity
     * @param  array<int|string, Unplanned>  $unplanned  by activity
     */
    public function __construct(public array $assignments, public array $unplanned)
    {
    }

    /**
     * Until when activities would have to be held back for the windows behind them to keep.
     *
     * @return array<int|string, int> by activity; without those that have begun or were announced
     */
    public function heldBack(Problem $problem): array
    {
        $instants = [];
        $open = [];
        foreach ($this->assignments as $assignment) {
            $open[] = [$assignment->start, $assignment->missed];
        }
        while ($open !== []) {
            [$start, $windows] = array_pop($open);
            foreach ($windows as $window) {
                $coat = $window->after === null ? null : $problem->activities[$window->after];
                if ($coat === null || $coat->isUnderWay() || $coat->announced?->keepsTime === true) {
                    continue;
                }
                $until = Grid::up($start - $window->minutes - $this->assignments[$coat->id]->work);
                if ($until > max($this->assignments[$coat->id]->start, $instants[$coat->id] ?? 0)) {
                    $instants[$coat->id] = $until;
                    // And the coat under it for that one's window, in turn.
                    $open[] = [$until, $coat->windows];
                }
            }
        }

        return $instants;
    }

    /** @return list<int|string> activities that are pinned to a day on which they do not begin */
    public function missedPins(Problem $problem): array
    {
        $missed = [];
        foreach ($this->assignments as $id => $assignment) {
            $activity = $problem->activities[$id];
            if (
                $activity->pin?->until !== null
                && ! $activity->isUnderWay()
                && $assignment->start >= $activity->pin->until
            ) {
                $missed[] = $id;
            }
        }

        return $missed;
    }

    /** When the last activity of a build is over; null if one of them is unplanned or the build has none. */
    public function finishOf(int|string $build, Problem $problem): ?int
    {
        $finish = null;
        foreach ($problem->activities as $id => $activity) {
            if ($activity->build !== $build) {
                continue;
            }
            if (! isset($this->assignments[$id])) {
                return null;
            }
            $finish = max($finish ?? 0, $this->assignments[$id]->finish);
        }

        return $finish;
    }
}
