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
        $other = $this->keeping($this->made($candidate, null, ahead: $this->order->withAllBefore($pins)));

        return count($this->score->missedPins($other->state)) < count($pins) ? $other : $best;
    }

    public function plan(Schedule $schedule): Plan
    {
        return (new Written($this->tables))->plan(
            $schedule->state, $schedule->list, $schedule->candidate->people, $schedule->candidate->announcedStart,
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
            $more = HeldBack::forWindows($this->tables, $schedule->state);
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
            [$same, $last] = $candidate->announcedStart === $like->candidate->announcedStart
                ? Alike::between($list, $candidate->people, $heldBack, $like)
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
                $state, $index, $candidate->people[$index] ?? -1, $heldBack[$index] ?? 0, $candidate->announcedStart[$index] ?? 0,
            );
            $this->score->add($state, $index);
            $costs[] = $state->cost;
            if ($at === $last && $like !== null && Alike::areStates($state, $like->state, $list, $same, $last)) {
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
}
