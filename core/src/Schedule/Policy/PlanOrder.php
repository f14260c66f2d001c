<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Search\Improved;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Search\InForce;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;

/**
 * The plan of the shop: the best that is found in so many schedules, beginning with the plan in force. What is near today
 * keeps its person and its time; it is turned over only where that wins a promise. A build that was pushed ahead or back
 * counts as due by so many days sooner or later. Nobody's day is turned over for nothing.
 */
final readonly class PlanOrder
{
    private const HOUR = 60;

    /** Who is done early begins sooner what is planned for so many minutes from now. */
    private const SOON = 120;

    private const DAY = 1_440;

    /** What a minute until it is over weighs for a build that was pushed, in per cent: where no promise speaks. */
    private const AHEAD = 400;

    private const BACK = 25;

    /** Behind everything that has a position. */
    private const BEHIND = 1_000_000;

    public function __construct(private Problem $problem, private Standing $standing)
    {
    }

    /** @param  array<int|string, int>|null  $keys  the order to begin with; the one in force if none is given */
    public function planned(?array $keys = null): Planned
    {
        $schedules = $this->standing->schedules ?? Standing::schedulesFor($this->problem);
        if ($schedules < 2) {
            return $this->asAsked(Builder::byKeys($this->problem, $keys ?? $this->keys()));
        }
        $positions = $keys === null ? $this->positions() : [];
        $budget = new Budget($positions !== [] && $this->standing->isTakenBack ? 1 : $schedules);
        $problem = $this->standing->pushed === []
            ? $this->problem
            : $this->problem->with(['dues' => $this->pushedDues()]);
        if ($positions === []) {
            $keys ??= $this->keys();

            return $this->asAsked(Improver::improve($problem, $budget, 1, $this->objective(), $keys)->best);
        }
        $improved = Improver::goOn($problem, $budget, $this->inForce($positions), 1, $this->objective());
        if ($this->standing->pushed !== [] && ! $this->standing->isTakenBack) {
            $improved = $this->asPushed($problem, $improved, $budget->schedules);
        }

        return $this->asAsked($improved->best);
    }

    /**
     * Where what is in force goes against what was pushed, it is made again: at once where it was only pushed now, otherwise
     * where that is worth an hour of lateness.
     */
    private function asPushed(Problem $problem, Improved $inForce, int $schedules): Improved
    {
        $isNew = $this->asked() !== $this->standing->asked;
        $objective = $isNew ? new Objective : $this->objective();
        $again = Improver::improve($problem, new Budget($schedules), 1, $objective, $this->keys());
        $worth = $isNew ? self::DAY * $problem->weights->inTheShop : self::HOUR * $problem->weights->late;

        return $again->bestCost < $objective->cost($problem, $inForce->best) - $worth ? $again : $inForce;
    }

    private function asAsked(Plan $plan): Planned
    {
        return new Planned($this->problem, $plan, $this->asked());
    }

    /** The same for the same promises, weights and builds that were pushed. */
    private function asked(): string
    {
        return hash('xxh128', serialize([$this->problem->dues, $this->problem->weights, $this->standing->pushed]));
    }

    /** @return array<int|string, int> by activity, the smallest goes first */
    public function keys(): array
    {
        $keys = Priority::keys($this->problem);
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

    /**
     * The order in which the plan in force was made. What is new stands before the first that has to begin later.
     *
     * @return array<int|string, int> by activity; none where there is no plan in force
     */
    public function positions(): array
    {
        $positions = [];
        foreach ($this->standing->announced as $id => $one) {
            if ($one->position !== null && isset($this->problem->activities[$id])) {
                $positions[$id] = 2 * $one->position + 1;
            }
        }
        if ($positions === []) {
            return [];
        }
        asort($positions);
        $keys = $this->keys();
        $new = array_diff_key($keys, $positions);
        asort($new);
        $order = array_keys($positions);
        $at = 0;
        foreach ($new as $id => $key) {
            while ($at < count($order) && $keys[$order[$at]] <= $key) {
                $at++;
            }
            $positions[$id] = $at < count($order) ? $positions[$order[$at]] - 1 : self::BEHIND;
        }

        return $positions;
    }

    /** @param  array<int|string, int>  $positions */
    private function inForce(array $positions): InForce
    {
        $people = $gone = $announcedStart = [];
        foreach ($this->standing->announced as $id => $one) {
            if (! isset($this->problem->activities[$id])) {
                $gone[$one->worker ?? 0] = true;
            } elseif ($one->isChosen && $one->worker !== null) {
                $people[$id] = $one->worker;
            }
            if ($one->announcedStart !== null) {
                $announcedStart[$id] = $one->announcedStart;
            }
        }
        if ($this->standing->isTakenBack) {
            return new InForce($positions, $people, [], $announcedStart);
        }
        $near = $this->near();
        $announcedStart = [];
        foreach ($near as $id => $one) {
            // Who is done early goes on with what comes next.
            if (! isset($gone[$one->worker ?? 0]) || $one->start > $this->problem->now + self::SOON) {
                $announcedStart[$id] = $one->start;
            }
        }

        return new InForce(
            $positions, $people, $near, $announcedStart, $this->asked() === $this->standing->asked ? $this->standing->starts() : [],
        );
    }

    /** @return array<int|string, Due> what was pushed is due sooner or later by as much; without a promise it is wished for now */
    private function pushedDues(): array
    {
        $dues = $this->problem->dues;
        foreach (array_intersect_key($this->standing->pushed, $dues) as $build => $days) {
            $due = $dues[$build];
            $instant = $due->instant === null
                ? ($days > 0 ? $this->problem->now : null)
                : $due->instant - self::DAY * $days;
            $dues[$build] = new Due($instant, $due->round, $due->promise, $days > 0 ? self::AHEAD : self::BACK);
        }

        return $dues;
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
}
