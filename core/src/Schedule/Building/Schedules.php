<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Tables\Decoder;
use Regimen\Schedule\Tables\Order;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Tables\Written;
use Regimen\Schedule\Time\Grid;

/** Makes schedules of candidates, each from the first place at which it differs from another one. */
final class Schedules
{
    /** So often coats are held back before the sanding is taken. */
    private const TRIES = 4;

    /** What starts so many minutes sooner or later has not moved. */
    private const NEARLY = 15;

    /** How many times a schedule is marked, so that another can be built from there. */
    private const MARKS = 24;

    public readonly Order $order;

    private readonly Decoder $decoder;

    private readonly Score $score;

    private readonly int $apart;

    public function __construct(public readonly Tables $tables, Objective $objective = new Objective)
    {
        $this->order = new Order($tables);
        $this->decoder = new Decoder($tables);
        $this->score = new Score($tables, $objective);
        $this->apart = max(4, intdiv($tables->count, self::MARKS));
    }

    /**
     * The best schedule of a candidate: where a recoat window would be missed with the coat before it held back, where a
     * pin to a day would be missed with what it needs ahead of everything.
     *
     * @param  Schedule|null  $like  built from the first place at which it differs from this one
     * @param  int  $limit  given up as soon as it must cost more than this
     * @param  array<int, array{int, int}>  $calm  start and person by activity; given up where one of them moves
     * @param  bool  $soon  given up too if it is no better as soon as everything has been placed that stands elsewhere
     */
    public function best(
        Candidate $candidate,
        ?Schedule $like = null,
        Budget $budget = new Budget(PHP_INT_MAX),
        int $limit = PHP_INT_MAX,
        array $calm = [],
        bool $soon = false,
    ): Schedule {
        $budget->spent++;
        $made = $this->made($candidate, $like, $limit, $calm, $soon);
        if ($made->isGivenUp()) {
            return $made;
        }
        $best = $this->keeping($made);
        $pins = $this->score->missedPins($best->state);
        if ($pins === []) {
            return $best;
        }
        $other = $this->keeping($this->made($candidate, null, ahead: $this->withAllBefore($pins)));

        return count($this->score->missedPins($other->state)) < count($pins) ? $other : $best;
    }

    public function plan(Schedule $schedule): Plan
    {
        return (new Written($this->tables))->plan(
            $schedule->state, $schedule->list, $schedule->candidate->people, $schedule->candidate->told,
        );
    }

    /** What a schedule costs by the objective alone. */
    public function cost(Schedule $schedule): int
    {
        return $schedule->state->cost;
    }

    /** @return list<int> builds that miss their promise */
    public function late(Schedule $schedule): array
    {
        return $this->score->late($schedule->state);
    }

    /** @return array<int, int> minutes by which builds miss their promises, below zero where they have time, by build */
    public function lateness(Schedule $schedule): array
    {
        return $this->score->lateness($schedule->state);
    }

    /** By how many minutes builds miss their promises together. */
    public function lateMinutes(Schedule $schedule): int
    {
        return $this->score->lateMinutes($schedule->state);
    }

    private function keeping(Schedule $schedule): Schedule
    {
        $best = $schedule;
        $heldBack = [];
        for ($try = 0; $try < self::TRIES && $schedule->state->missed !== []; $try++) {
            $more = $this->heldBack($schedule->state);
            if ($more === []) {
                break;
            }
            foreach ($more as $index => $instant) {
                $heldBack[$index] = max($instant, $heldBack[$index] ?? 0);
            }
            $schedule = $this->made(
                $schedule->candidate, $schedule, heldBack: $heldBack, list: $schedule->list,
            );
            $best = $schedule->cost < $best->cost ? $schedule : $best;
        }

        return $best;
    }

    /**
     * @param  array<int, array{int, int}>  $calm
     * @param  array<int, int>  $heldBack
     * @param  array<int, true>  $ahead
     * @param  list<int>|null  $list
     */
    private function made(
        Candidate $candidate,
        ?Schedule $like,
        int $limit = PHP_INT_MAX,
        array $calm = [],
        bool $soon = false,
        array $heldBack = [],
        array $ahead = [],
        ?array $list = null,
    ): Schedule {
        $list ??= $this->order->of($candidate->keys, $ahead);
        $marks = [];
        $at = 0;
        $last = PHP_INT_MAX;
        if ($like !== null) {
            [$same, $last] = $candidate->told === $like->candidate->told
                ? self::alike($list, $candidate->people, $heldBack, $like)
                : [0, PHP_INT_MAX];
            foreach ($like->marks as $position => $mark) {
                if ($position > $same) {
                    break;
                }
                $marks[$position] = $mark;
                $at = $position;
            }
        }
        $state = isset($marks[$at]) ? clone $marks[$at] : $this->empty();
        $costs = $like === null ? [] : array_slice($like->costs, 0, $at);
        // What is placed only adds to the cost: what costs as much before all has its place that stands elsewhere is no better.
        $atOnce = $soon && $like !== null ? ($like->costs[$last] ?? PHP_INT_MAX) : PHP_INT_MAX;
        for ($count = count($list); $at < $count; $at++) {
            if ($at % $this->apart === 0 && ! isset($marks[$at])) {
                $marks[$at] = clone $state;
            }
            $index = $list[$at];
            $this->decoder->place(
                $state, $index, $candidate->people[$index] ?? -1, $heldBack[$index] ?? 0, $candidate->told[$index] ?? 0,
            );
            $this->score->add($state, $index);
            $costs[] = $state->cost;
            if ($at === $last && $like !== null && self::isAlike($state, $like->state, $list, $same, $last)) {
                return $like;
            }
            if (
                ($state->unplanned === [] && ($state->cost > $limit || ($at <= $last && $state->cost >= $atOnce)))
                || (isset($calm[$index]) && ! self::isCalm($state, $index, $calm[$index]))
            ) {
                return new Schedule($candidate, $list, $heldBack, $state, [], [], PHP_INT_MAX);
            }
        }

        return new Schedule($candidate, $list, $heldBack, $state, $marks, $costs, $this->score->all($state));
    }

    /**
     * Whether an activity stands where it stood, or nearly.
     *
     * @param  array{int, int}  $stood
     */
    private static function isCalm(State $state, int $index, array $stood): bool
    {
        return isset($state->start[$index])
            && $state->person[$index] === $stood[1]
            && abs($state->start[$index] - $stood[0]) <= self::NEARLY;
    }

    private function empty(): State
    {
        $state = $this->decoder->empty();
        $this->score->begin($state);

        return $state;
    }

    /**
     * Between which positions a candidate differs from a schedule.
     *
     * @param  list<int>  $list
     * @param  array<int, int>  $people
     * @param  array<int, int>  $heldBack
     * @return array{int, int} the first and the last; behind the end and before the beginning where they are the same
     */
    private static function alike(array $list, array $people, array $heldBack, Schedule $like): array
    {
        $theirs = $like->candidate->people;
        $differs = static fn (int $at): bool => $list[$at] !== $like->list[$at]
            || ($people[$list[$at]] ?? -1) !== ($theirs[$list[$at]] ?? -1)
            || ($heldBack[$list[$at]] ?? 0) !== ($like->heldBack[$list[$at]] ?? 0);
        $count = count($list);
        for ($first = 0; $first < $count && ! $differs($first); $first++);
        for ($last = $count - 1; $last > $first && ! $differs($last); $last--);

        return [$first, $last];
    }

    /**
     * Whether everything that was placed since stands where it did before: then so does all that follows.
     *
     * @param  list<int>  $list
     */
    private static function isAlike(State $state, State $other, array $list, int $first, int $last): bool
    {
        for ($at = $first; $at <= $last; $at++) {
            $index = $list[$at];
            if (
                ($state->start[$index] ?? -1) !== ($other->start[$index] ?? -1)
                || ($state->finish[$index] ?? -1) !== ($other->finish[$index] ?? -1)
                || ($state->person[$index] ?? -1) !== ($other->person[$index] ?? -1)
                || ($state->shares[$index] ?? -1) !== ($other->shares[$index] ?? -1)
                || ($state->sittings[$index] ?? []) !== ($other->sittings[$index] ?? [])
                || ($state->helper[$index] ?? []) !== ($other->helper[$index] ?? [])
                || ($state->runsUntil[$index] ?? 0) !== ($other->runsUntil[$index] ?? 0)
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * Until when activities would have to be held back for the windows behind them to keep.
     *
     * @return array<int, int> by activity; without those that have begun or were announced
     */
    private function heldBack(State $state): array
    {
        $instants = $open = [];
        foreach ($state->missed as $index => $missed) {
            $windows = $this->tables->activities[$index]->windows;
            $open[] = [$state->start[$index], array_map(static fn (int $at) => $windows[$at], $missed)];
        }
        while ($open !== []) {
            [$start, $windows] = array_pop($open);
            foreach ($windows as $window) {
                $coat = $window->after === null ? null : ($this->tables->index[$window->after] ?? null);
                $activity = $coat === null ? null : $this->tables->activities[$coat];
                if ($activity === null || $activity->isUnderWay() || $activity->announced?->keepsTime === true) {
                    continue;
                }
                $until = Grid::up($start - $window->minutes - $state->work[$coat]);
                if ($until > max($state->start[$coat], $instants[$coat] ?? 0)) {
                    $instants[$coat] = $until;
                    // And the coat under it for that one's window, in turn.
                    $open[] = [$until, $activity->windows];
                }
            }
        }

        return $instants;
    }

    /**
     * @param  list<int>  $activities
     * @return array<int, true>
     */
    private function withAllBefore(array $activities): array
    {
        $all = [];
        for ($open = $activities; $open !== [];) {
            $index = array_pop($open);
            if (! isset($all[$index])) {
                $all[$index] = true;
                array_push($open, ...$this->order->before($index));
            }
        }

        return $all;
    }
}
