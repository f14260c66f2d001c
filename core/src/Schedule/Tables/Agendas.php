<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Time\NoWorkingTime;

/**
 * When people are free: the stretches of their work without what they have to do.
 */
final class Agendas
{
    /** Labour that is taken up again is cut into sittings of at least so many minutes. */
    public const LEAST_SITTING = 30;

    /** Who had nothing to do for most of a working day until then begins sooner than they were told. */
    private const IDLE = 360;

    public function __construct(private readonly People $people)
    {
    }

    public function begin(State $state): void
    {
        foreach (array_keys($this->people->workers) as $person) {
            $state->from[$person] = $state->to[$person] = $state->stretch[$person] = $state->ended[$person] = [];
            $state->laidOut[$person] = 0;
        }
    }

    /**
     * The first free times at or after an instant that together are long enough, each of them a sitting of its own with
     * something else in between.
     *
     * @param  int  $before  it has to be over before this instant
     * @return list<array{int, int}>|null two at least; null if it cannot be so
     */
    public function findSittings(State $state, int $person, int $instant, int $minutes, int $before): ?array
    {
        $sittings = [];
        $left = $minutes;
        $this->people->reach($state, $person, $instant);
        for ($at = self::firstEndingAfter($state->to[$person], $instant); $left > 0;) {
            if ($at >= count($state->from[$person])) {
                $this->people->layOutFree($state, $person);
            }
            $start = $state->from[$person][$at];
            if ($start < $instant) {
                $start = $instant;
            }
            // What is left has to fit before that; a free time of no length is one that is used up.
            if ($start + $left >= $before) {
                return null;
            }
            if ($state->to[$person][$at] <= $start) {
                $at++;

                continue;
            }
            [$last, $there] = $this->run($state, $person, $at, $start, $left);
            $take = min($there, $left);
            $take = $take < $left && $left - $take < self::LEAST_SITTING ? $left - self::LEAST_SITTING : $take;
            if ($take >= self::LEAST_SITTING || $take === $left) {
                $sittings[] = [$start, $this->after($state, $person, $at, $start, $take)];
                $left -= $take;
            }
            $at = $last + 1;
        }

        return count($sittings) > 1 && $sittings[count($sittings) - 1][1] < $before ? $sittings : null;
    }

    /**
     * Takes the time from an instant to another, with the breaks in between. What is used up stays as a free time of no
     * length: lists are only moved where one is parted in two.
     */
    public function book(State $state, int $person, int $start, int $end, int $activity): void
    {
        $state->ended[$person][$end] = $activity;
        $this->people->reach($state, $person, $start);
        $at = self::firstEndingAfter($state->to[$person], $start);
        $from = $state->from[$person][$at];
        $to = $state->to[$person][$at];
        if ($from < $start && $to > $end) {
            array_splice($state->from[$person], $at + 1, 0, [$end]);
            array_splice($state->to[$person], $at, 0, [$start]);
            array_splice($state->stretch[$person], $at, 0, [$state->stretch[$person][$at]]);

            return;
        }
        if ($from < $start) {
            $state->to[$person][$at] = $start;
            $at++;
        }
        for ($count = count($state->from[$person]); $at < $count && $state->from[$person][$at] < $end; $at++) {
            $state->from[$person][$at] = min($end, $state->to[$person][$at]);
        }
    }

    /**
     * The first free time within a stretch, over breaks but not over something else.
     *
     * @return array{int, int, int}|null from, to, and its working minutes, at most those wanted
     */
    public function runWithin(State $state, int $person, int $from, int $to, int $wanted): ?array
    {
        $this->people->reach($state, $person, $from);
        $at = self::firstEndingAfter($state->to[$person], $from);
        if ($at >= count($state->from[$person])) {
            $this->people->layOutFree($state, $person);
        }
        $start = max($from, $state->from[$person][$at]);
        if ($start >= $to) {
            return null;
        }
        $end = min($to, $state->to[$person][$at], $start + $wanted);
        $minutes = $end - $start;
        while ($minutes < $wanted && $end === $state->to[$person][$at]) {
            if ($at + 1 >= count($state->from[$person])) {
                $this->people->layOutFree($state, $person);
            }
            if (! $this->people->goesOn($state, $person, $at) || $state->from[$person][$at + 1] >= $to) {
                break;
            }
            $at++;
            $end = min($to, $state->to[$person][$at], $state->from[$person][$at] + $wanted - $minutes);
            $minutes += $end - $state->from[$person][$at];
        }

        return [$start, $end, $minutes];
    }

    /** Somebody is not there from an instant to another, whatever their hours say. */
    public function away(State $state, int $person, int $from, int $to): void
    {
        try {
            $this->people->reach($state, $person, $to);
            $this->book($state, $person, $from, $to, -1);
        } catch (NoWorkingTime) {
            // They have no hours there to be away from.
        }
    }

    /** Whether somebody had nothing at all to do for a working day if they began only when they were told to. */
    public function wouldIdle(State $state, Spot $spot, int $announcedStart): bool
    {
        if ($spot->person < 0 || $spot->sittings !== []) {
            return false;
        }
        $there = $this->people->workers[$spot->person]->calendar->between($spot->start, $announcedStart);

        return $there >= self::IDLE && $there === $this->freeMinutes($state, $spot->person, $spot->start, $announcedStart);
    }

    /** How many minutes somebody is free from an instant to another. */
    public function freeMinutes(State $state, int $person, int $start, int $end): int
    {
        $this->people->reach($state, $person, $end);
        $minutes = 0;
        $count = count($state->from[$person]);
        for ($at = self::firstEndingAfter($state->to[$person], $start); $at < $count && $state->from[$person][$at] < $end; $at++) {
            $minutes += min($end, $state->to[$person][$at]) - max($start, $state->from[$person][$at]);
        }

        return $minutes;
    }

    /**
     * How far a free time goes on over breaks and nights alone.
     *
     * @return array{int, int} the last of its parts, and its working minutes, at least those wanted if there are
     */
    private function run(State $state, int $person, int $at, int $start, int $wanted): array
    {
        $there = $state->to[$person][$at] - $start;
        while ($there < $wanted) {
            if ($at + 1 >= count($state->from[$person])) {
                $this->people->layOutFree($state, $person);
            }
            if (! $this->people->goesOn($state, $person, $at)) {
                break;
            }
            $at++;
            $there += $state->to[$person][$at] - $state->from[$person][$at];
        }

        return [$at, $there];
    }

    /** When so many minutes are over that begin in a free time and go on over breaks. */
    private function after(State $state, int $person, int $at, int $start, int $minutes): int
    {
        $left = $minutes - $state->to[$person][$at] + $start;
        while ($left > 0) {
            $at++;
            $left -= $state->to[$person][$at] - $state->from[$person][$at];
        }

        return $state->to[$person][$at] + $left;
    }

    /**
     * The first free time that is over after an instant.
     *
     * @param  array<int, int>  $ends
     */
    public static function firstEndingAfter(array $ends, int $instant): int
    {
        $low = 0;
        $high = count($ends);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($ends[$middle] <= $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
