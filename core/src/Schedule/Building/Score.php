<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;

/** What the objective says of a schedule, from its numbers. */
final class Score
{
    /** What is left out, and then each pin to a day that is missed, weighs more than anything else. */
    private const PIN = 10_000_000_000_000;

    private const LEFT_OUT = 100;

    /** More of them all count the same: their weight has to have room in 64 bits. */
    private const MOST_FIRST = 800_000;

    /** @var list<int> weight of a minute of lateness, by build */
    private array $late = [];

    /** @var list<int> instant, by build */
    private array $due = [];

    /** @var array<int, int> weighed minutes of the set-up, by activity that has one */
    private array $setUp = [];

    /** @var array<int, int> by activity that is pinned to a day: until when it has to begin */
    private array $until = [];

    /** @var array<int, int> where activities that are near were planned to start until now */
    private array $before = [];

    /** @var array<int, int> clock minutes that an activity takes at the least */
    private array $least = [];

    /** @var array<int, int> clock minutes at the least from an activity's end to the end of its build */
    private array $tail;

    /** @var list<int> what a minute until it is over weighs, by build */
    private array $stay = [];

    private readonly int $setUps;

    private readonly int $moved;

    public function __construct(private readonly Tables $tables, Objective $objective)
    {
        $weights = $tables->problem->weights;
        [$this->setUps, $this->moved] = [$weights->setUps, $weights->moved];
        $this->tail = array_fill(0, $tables->count, 0);
        $this->layOut();
        foreach ($tables->builds as $build) {
            $due = $tables->problem->dues[$build] ?? new Due(null);
            $this->stay[] = $weights->inTheShopOf($due);
            $this->due[] = $due->instant ?? PHP_INT_MAX;
            $this->late[] = $due->instant === null ? 0 : $weights->late * $weights->of($due->promise);
        }
        foreach ($tables->activities as $index => $activity) {
            if ($activity->setUp !== null) {
                $this->setUp[$index] = $weights->setUps * $activity->setUp->minutes;
            }
            if ($activity->pin?->until !== null && ! $activity->isUnderWay()) {
                $this->until[$index] = $activity->pin->until;
            }
        }
        foreach ($objective->near($tables->problem) as $id => $start) {
            if (isset($tables->index[$id])) {
                $this->before[$tables->index[$id]] = $start;
            }
        }
    }

    private function layOut(): void
    {
        $tables = $this->tables;
        for ($index = $tables->count - 1; $index >= 0; $index--) {
            $activity = $tables->activities[$index];
            $spared = $activity->setUp->minutes ?? 0;
            $least = PHP_INT_MAX;
            foreach ($activity->isUnderWay() || $activity->work <= $spared ? [] : $tables->able[$index] as $person) {
                $least = min($least, $tables->minutesOf($index, $person, $activity->work - $spared));
            }
            $this->least[$index] = ($least === PHP_INT_MAX ? 0 : $least)
                + ($activity->holdUntil === null ? $activity->hold : 0)
                + ($activity->isUnderWay() ? 0 : $activity->alone);
            foreach ($tables->before[$index] as [$before, $lag]) {
                if ($tables->build[$before] === $tables->build[$index] && ! $activity->isUnderWay()) {
                    $this->tail[$before] = max(
                        $this->tail[$before], $this->least[$index] + $this->tail[$index] + $lag,
                    );
                }
            }
        }
    }

    /** What a schedule costs before anything is placed: no build is over before its longest chain. */
    public function begin(State $state): void
    {
        $state->over = array_fill(0, count($this->due), 0);
        foreach (array_keys($this->tables->activities) as $index) {
            $least = $this->tables->earliest[$index] + $this->least[$index] + $this->tail[$index];
            $build = $this->tables->build[$index];
            $state->over[$build] = max($state->over[$build], $least);
        }
        $state->cost = 0;
        foreach ($state->over as $build => $over) {
            $state->cost += $this->ofBuild($build, $over);
        }
    }

    /** Adds what an activity costs that was just placed. */
    public function add(State $state, int $index): void
    {
        if (! isset($state->finish[$index])) {
            return;
        }
        $build = $this->tables->build[$index];
        $over = $state->finish[$index] + $this->tail[$index];
        $before = $state->over[$build];
        if ($over > $before) {
            $state->over[$build] = $over;
            $state->cost += $this->stay[$build] * ($over - $before);
            if ($over > $this->due[$build]) {
                $state->cost += $this->late[$build] * ($over - max($before, $this->due[$build]));
            }
        }
        if (isset($this->setUp[$index]) && ! isset($state->shares[$index])) {
            $state->cost += $this->setUp[$index];
        }
        foreach ($state->missed[$index] ?? [] as $at) {
            $state->cost += $this->setUps * Objective::sanding($this->tables->activities[$index]->windows[$at]);
        }
        if (isset($this->before[$index])) {
            $state->cost += $this->moved * abs($state->start[$index] - $this->before[$index]);
        }
    }

    /** When all is placed: with what is left out and pins that are missed before everything else. */
    public function all(State $state): int
    {
        if ($state->unplanned !== []) {
            $this->countAgain($state);
        }
        $first = self::LEFT_OUT * count($state->unplanned) + ($this->until === [] ? 0 : count($this->missedPins($state)));

        return min($first, self::MOST_FIRST) * self::PIN + $state->cost;
    }

    /** Where something is left out, a build is over with what is planned of it. */
    private function countAgain(State $state): void
    {
        $least = $state->over;
        $state->over = array_fill(0, count($this->due), 0);
        foreach ($state->finish as $index => $finish) {
            $build = $this->tables->build[$index];
            $state->over[$build] = max($state->over[$build], $finish);
        }
        foreach ($state->over as $build => $over) {
            $state->cost += ($over > 0 ? $this->ofBuild($build, $over) : 0) - $this->ofBuild($build, $least[$build]);
        }
    }

    private function ofBuild(int $build, int $over): int
    {
        return $this->stay[$build] * ($over - $this->tables->now)
            + ($over > $this->due[$build] ? $this->late[$build] * ($over - $this->due[$build]) : 0);
    }

    /** @return list<int> builds that miss their promise */
    public function late(State $state): array
    {
        $late = [];
        foreach ($state->over as $build => $over) {
            if ($over > $this->due[$build]) {
                $late[] = $build;
            }
        }

        return $late;
    }

    /** @return array<int, int> minutes by which builds miss their promises, below zero where they have time, by build */
    public function lateness(State $state): array
    {
        $lateness = [];
        foreach ($state->over as $build => $over) {
            if ($this->due[$build] !== PHP_INT_MAX) {
                $lateness[$build] = $over - $this->due[$build];
            }
        }

        return $lateness;
    }

    /** By how many minutes builds miss their promises together. */
    public function lateMinutes(State $state): int
    {
        $minutes = 0;
        foreach ($state->over as $build => $over) {
            $minutes += max(0, $over - $this->due[$build]);
        }

        return $minutes;
    }

    /** @return list<int> activities that are pinned to a day on which they do not begin */
    public function missedPins(State $state): array
    {
        $missed = [];
        foreach ($this->until as $index => $until) {
            if (isset($state->start[$index]) && $state->start[$index] >= $until) {
                $missed[] = $index;
            }
        }

        return $missed;
    }
}
