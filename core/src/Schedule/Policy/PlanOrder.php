<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Calendar;

/**
 * In which order the shop is planned: as it was taken from a better plan, by urgency where nothing was, a build that
 * was pushed ahead or back by so many days. What is near today keeps its person and its place in the order where that
 * costs no more than turning it over, with what would move counted: nobody's day is turned over for nothing.
 */
final readonly class PlanOrder
{
    private const DAY = 1_440;

    public function __construct(private Problem $problem, private Standing $standing)
    {
    }

    /** @param  array<int|string, int>|null  $keys  the order that is kept if none is given */
    public function planned(?array $keys = null): Planned
    {
        $keys ??= $this->keys();
        $anew = new Planned($this->problem, Builder::byKeys($this->problem, $keys));
        $near = $this->near();
        if ($near === []) {
            return $anew;
        }
        $keeping = $this->keeping($near);
        $kept = new Planned($keeping, Builder::byKeys($keeping, $keys));
        $moving = new Objective(array_map(static fn (Announced $one): int => $one->start, $near));
        $isCheaper = $moving->cost($keeping, $kept->plan) < $moving->cost($this->problem, $anew->plan);

        return $isCheaper && count($kept->plan->unplanned) <= count($anew->plan->unplanned) ? $kept : $anew;
    }

    /** @return array<int|string, int> by activity, the smallest goes first */
    public function keys(): array
    {
        $keys = Priority::keys($this->problem);
        $keys = array_replace($keys, array_intersect_key($this->standing->keys, $keys));
        foreach ($this->standing->pushed === [] ? [] : $this->problem->activities as $id => $activity) {
            $keys[$id] -= self::DAY * ($this->standing->pushed[$activity->build] ?? 0);
        }

        return $keys;
    }

    /** What moves near today counts against a plan. */
    public function objective(): Objective
    {
        return new Objective($this->standing->starts());
    }

    /** @return array<int|string, Announced> what is near today, has not begun, and whose person is there then */
    private function near(): array
    {
        $calendars = [];
        foreach ($this->problem->workers as $worker) {
            $calendars[$worker->id] = $worker->calendar;
        }
        $near = [];
        foreach ($this->standing->announced as $id => $announced) {
            $activity = $this->problem->activities[$id] ?? null;
            $calendar = $calendars[$announced->worker ?? -1] ?? null;
            if ($activity !== null && $calendar !== null && $this->canBeKept($activity, $announced, $calendar)) {
                $near[$id] = $announced;
            }
        }

        return $near;
    }

    private function canBeKept(Activity $activity, Announced $announced, Calendar $calendar): bool
    {
        $now = $this->problem->now;
        $start = $announced->start;

        return ! $activity->isUnderWay()
            && $activity->announced === null
            && self::agrees($activity->pin, $announced)
            && $start >= $now
            && $start - $now < Objective::NEAR
            && $calendar->between($start, $start + 1) === 1;
    }

    /** Whether a pin asks for nothing else than what was announced. */
    private static function agrees(?Pin $pin, Announced $announced): bool
    {
        if ($pin === null) {
            return true;
        }
        $isThePerson = $pin->worker === null || $pin->worker === $announced->worker;
        $start = $announced->start;

        return $isThePerson
            && $start >= ($pin->from ?? $start)
            && $start < ($pin->until ?? PHP_INT_MAX)
            && $pin->after === null;
    }

    /** @param  array<int|string, Announced>  $near */
    private function keeping(array $near): Problem
    {
        $activities = [];
        foreach ($this->problem->activities as $id => $activity) {
            $kept = $near[$id] ?? null;
            $activities[$id] = $kept === null ? $activity : $activity->with(['announced' => $kept->inOrder()]);
        }

        return $this->problem->with(['activities' => $activities]);
    }
}
