<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Building\Schedule;
use Regimen\Schedule\Building\Schedules;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Tables\Tables;

/**
 * Looks for a better plan by making schedules of other candidates: another order, other people. Anytime, deterministic
 * by seed, never worse than where it started.
 */
final class Improver
{
    /** Without a better schedule for so long it goes somewhere else. */
    private const PATIENCE = 60;

    /** By so many millionths of its cost a schedule may be worse than the one before it, at first. */
    private const SLACK = 30_000;

    /** After so many schedules it may be worse by half as much. */
    private const COOLING = 500;

    /** So often something that cannot be kept is tried behind the others. */
    private const BEHIND = 16;

    /** And builds may be late by so many minutes more together, as long as no more of them are. */
    private const LATER = 480;

    /** So many schedules are made to find out which builds have to go ahead. */
    private const FED_BACK = 3;

    /**
     * Of so many activities and more, most of what is tried has to show at once that it is better, all but
     * one in so many.
     */
    private const LARGE = 100;

    /** Of so many activities and fewer, whole schedules cost little enough to begin with several. */
    private const SMALL = 40;

    private const ALL_THROUGH = 6;

    private readonly Schedules $schedules;

    private readonly Moves $moves;

    private function __construct(Problem $problem, Objective $objective, private readonly Budget $budget, int $seed)
    {
        $this->schedules = new Schedules(new Tables($problem), $objective);
        $this->moves = new Moves(
            $this->schedules->tables, $this->schedules->order, new Randomizer(new Mt19937($seed)),
        );
    }

    /** @param  array<int|string, int>|null  $keys  the order to start from; the usual one if none is given */
    public static function improve(
        Problem $problem,
        Budget $budget,
        int $seed = 1,
        Objective $objective = new Objective,
        ?array $keys = null,
    ): Improved {
        $self = new self($problem, $objective, $budget, $seed);
        $tables = $self->schedules->tables;
        $first = $self->schedules->best(
            Candidate::of($tables, $keys ?? Priority::keys($problem)), null, $budget,
        );

        return $self->improved($first, $tables->count < 2 ? $first : $self->searched($self->fedBack($first, $self->orAnotherStart($first)), 0));
    }

    /**
     * What is late goes ahead by as much as it is late, what has time gives way by a part of it; a few times over.
     *
     * @param  Schedule  $from  by urgency
     */
    private function fedBack(Schedule $from, Schedule $best): Schedule
    {
        $tables = $this->schedules->tables;
        for ($times = self::FED_BACK; $times > 0 && ! $this->budget->isSpent(); $times--) {
            $keys = $from->candidate->keys;
            foreach ($this->schedules->lateness($from) as $build => $minutes) {
                foreach ($tables->build as $index => $of) {
                    if ($of === $build) {
                        $keys[$index] -= $minutes > 0 ? $minutes : intdiv($minutes, 3);
                    }
                }
            }
            $from = $this->schedules->best($from->candidate->with($keys, $from->candidate->people), null, $this->budget);
            $best = $from->cost < $best->cost ? $from : $best;
        }

        return $best;
    }

    /**
     * From the plan in force on: what is near keeps its person and its time, as far as what has happened allows; only
     * where a third of the budget wins a promise so, it is turned over. What makes builds less late otherwise is left to be
     * offered.
     */
    public static function goOn(
        Problem $problem,
        Budget $budget,
        InForce $inForce,
        int $seed = 1,
        Objective $objective = new Objective,
    ): Improved {
        $self = new self($problem, $objective, $budget, $seed);
        $tables = $self->schedules->tables;
        $first = $self->schedules->best($inForce->candidate($tables), null, $budget);
        if ($tables->count < 2 || $budget->isSpent() || $inForce->isUnmoved($tables, $first->state)) {
            return $self->improved($first, $first);
        }
        $calm = [];
        if ($inForce->near !== []) {
            $first = $self->calmest($inForce);
            foreach (array_intersect_key($tables->index, $inForce->near) as $index) {
                if (isset($first->state->start[$index])) {
                    $calm[$index] = [$first->state->start[$index], $first->state->person[$index]];
                }
            }
        }
        $last = intdiv($budget->schedules, 3);
        $best = $self->searched($first, $last, $calm);
        $late = $self->schedules->late($best);
        if ($late !== []) {
            $free = $self->searched($self->orAnotherStart($best), 0);
            $now = $self->schedules->late($free);
            $won = count($now) < count($late) && array_diff($now, $late) === [];
            $best = $won ? $free : $best;
        }

        return $self->improved($first, $best);
    }

    /**
     * What is near as it was told, in its order; what cannot be kept is tried behind the others, so that they need not
     * move, wherever no promise is lost for that.
     */
    private function calmest(InForce $inForce): Schedule
    {
        $tables = $this->schedules->tables;
        $best = $this->schedules->best($inForce->nearFirst($tables), null, $this->budget);
        $moved = $inForce->moved($tables, $best->state);
        $late = $this->schedules->lateMinutes($best) + self::LATER;
        $many = count($this->schedules->late($best));
        $behind = $tried = [];
        for ($times = 0; $times < self::BEHIND && ! $this->budget->isSpent(); $times++) {
            $next = array_values(array_diff($moved, $tried))[0] ?? null;
            if ($next === null) {
                break;
            }
            $tried[] = $next;
            $with = $behind + [$next => true];
            $other = $this->schedules->best($inForce->nearFirst($tables, $with), null, $this->budget);
            $then = $inForce->moved($tables, $other->state);
            if (
                count($then) < count($moved)
                && $this->schedules->lateMinutes($other) <= $late
                && count($this->schedules->late($other)) <= $many
            ) {
                [$best, $moved, $behind] = [$other, $then, $with];
            }
        }

        return $best;
    }

    /** In a small shop it also begins with the orders that a foreman would think of. */
    private function orAnotherStart(Schedule $best): Schedule
    {
        $tables = $this->schedules->tables;
        foreach ($tables->count > self::SMALL ? [] : Starts::of($tables) as $start) {
            if ($this->budget->isSpent()) {
                break;
            }
            $other = $this->schedules->best($start, null, $this->budget, $best->cost);
            $best = $other->cost < $best->cost ? $other : $best;
        }

        return $best;
    }

    /**
     * @param  int  $left  of the budget that are left alone
     * @param  array<int, array{int, int}>  $calm  start and person by activity that stays there
     */
    private function searched(Schedule $best, int $left, array $calm = []): Schedule
    {
        $at = $best;
        $count = $this->schedules->tables->count;
        $patience = min(self::PATIENCE, 2 * $count);
        $away = 0;
        for ($idle = 0; $count > 1 && ! $this->budget->isSpent(1 + $left); $idle++) {
            $late = $this->schedules->late($at);
            if ($idle > $patience) {
                $other = $this->schedules->best(
                    $this->moves->away($best, $late, $away++), $best, $this->budget, PHP_INT_MAX, $calm,
                );
                $at = $other->isGivenUp() ? $best : $other;
                $idle = 0;
            } else {
                $soon = $count >= self::LARGE && $this->budget->spent % self::ALL_THROUGH !== 0;
                $limit = max($at->cost, $best->cost + $this->slack($best));
                $other = $this->schedules->best($this->moves->next($at, $late), $at, $this->budget, $limit, $calm, $soon);
                $at = $other->cost <= $limit ? $other : $at;
            }
            if ($other->cost < $best->cost) {
                [$best, $idle, $away] = [$other, 0, 0];
            }
        }

        return $best;
    }

    private function improved(Schedule $first, Schedule $best): Improved
    {
        $tables = $this->schedules->tables;
        $keys = $people = [];
        foreach ($best->list as $position => $index) {
            $keys[$tables->activities[$index]->id] = $position;
        }
        foreach ($best->candidate->people as $index => $person) {
            $people[$tables->activities[$index]->id] = $tables->people->workers[$person]->id;
        }

        return new Improved(
            $keys, $people, $this->schedules->plan($best),
            $this->schedules->cost($first), $this->schedules->cost($best), $this->budget->spent,
        );
    }

    /** Less and less, the more was tried: the same whatever the budget, so that more of it is never worse. */
    private function slack(Schedule $best): int
    {
        return intdiv($best->cost, 1_000_000) * intdiv(self::SLACK * self::COOLING, self::COOLING + $this->budget->spent);
    }
}
