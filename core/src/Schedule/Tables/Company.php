<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Time\NoWorkingTime;

/**
 * What labour needs beside the one who does it: somebody who helps in its last minutes, and a machine that runs by itself
 * afterwards, as long as whoever set it going is in the shop.
 */
final class Company
{
    /** Minutes by which it is begun later at the most, until everything comes together: a quarter of a year. */
    private const LATEST = 131_400;

    public function __construct(
        private readonly Tables $tables,
        private readonly Rooms $rooms,
        private readonly Waits $waits,
    ) {
    }

    public function isNeeded(int $activity): bool
    {
        return $this->tables->hands[$activity] > 0 || $this->tables->alone[$activity] > 0;
    }

    /**
     * The first place of those found one after the other at which all comes together.
     *
     * @param  callable(Spot): Spot  $place  the first place from an instant on for the labour alone
     *
     * @throws NoWorkingTime if there is none
     */
    public function seek(State $state, int $activity, Spot $ready, callable $place): Spot
    {
        $from = clone $ready;
        do {
            $spot = $place($from);
            $later = clone $spot;
            if ($this->isHelped($state, $activity, $spot, $later) && $this->canRun($state, $activity, $spot, $later)) {
                $spot->ready = $ready->start;

                return $spot;
            }
            [$from->start, $from->wait, $from->for, $from->of] = [$later->start, $later->wait, $later->for, $later->of];
        } while ($this->tables->hands[$activity] === 0 || $later->start <= $ready->start + self::LATEST);

        throw NoWorkingTime::nobodyHelps();
    }

    /** With whoever is there to help, and alone if nobody is: what is under way goes on. */
    public function asFarAsCan(State $state, int $activity, Spot $spot): void
    {
        if ($this->tables->hands[$activity] > 0) {
            $this->isHelped($state, $activity, $spot, clone $spot);
        }
        $spot->runsUntil = $this->runsUntil($activity, $spot);
    }

    /**
     * Whether somebody is free for the last minutes of the labour.
     *
     * @param  Spot  $later  when to try again, and why, if not
     */
    private function isHelped(State $state, int $activity, Spot $spot, Spot $later): bool
    {
        $minutes = min($this->tables->hands[$activity], $spot->work);
        if ($minutes === 0) {
            return true;
        }
        $since = $spot->end - $minutes;
        $begun = $spot->sittings === [] ? $spot->start : $spot->sittings[count($spot->sittings) - 1][0];
        $calendar = $this->tables->people->workers[$spot->person]->calendar;
        $missing = max($begun - $since, $minutes - $calendar->between($since, $spot->end));
        if ($missing > 0) {
            // A break or something else lies within those minutes: both are to be there in one go.
            $later->start = $spot->start + $missing;

            return false;
        }
        $soonest = PHP_INT_MAX;
        foreach (array_keys($this->tables->people->workers) as $person) {
            if ($person === $spot->person) {
                continue;
            }
            $free = $this->freeFrom($state, $person, $since, $minutes);
            if ($free <= $since) {
                [$spot->helper, $spot->helpsFrom] = [$person, $since];

                return true;
            }
            if ($free < $soonest) {
                $soonest = $free;
                [$later->wait, $later->of] = [Wait::HANDS, -1];
                $later->for = $this->tables->people->busyWith($state, $person, $free, $since) ?? -1;
            }
        }
        if ($soonest === PHP_INT_MAX) {
            throw NoWorkingTime::nobodyHelps();
        }
        $later->start = $spot->start + $soonest - $since;

        return false;
    }

    /** From when on somebody is free for so long, within one stretch; never if they have no hours left for it. */
    private function freeFrom(State $state, int $person, int $at, int $minutes): int
    {
        try {
            $this->tables->people->reach($state, $person, $at);
            for ($free = Agendas::firstEndingAfter($state->to[$person], $at); ; $free++) {
                if ($free >= count($state->from[$person])) {
                    $this->tables->people->layOutFree($state, $person);
                }
                $from = max($at, $state->from[$person][$free]);
                if ($state->to[$person][$free] - $from >= $minutes) {
                    return $from;
                }
            }
        } catch (NoWorkingTime) {
        }

        return PHP_INT_MAX;
    }

    /**
     * Whether what it needs stays free until the machine is done, and through the hold.
     *
     * @param  Spot  $later  when to try again, and why, if not
     */
    private function canRun(State $state, int $activity, Spot $spot, Spot $later): bool
    {
        $spot->runsUntil = $this->runsUntil($activity, $spot);
        if ($spot->runsUntil <= $spot->end) {
            return true;
        }
        $hold = $this->tables->hold[$activity];
        $until = $this->rooms->blockedUntil(
            $state, $activity, $spot->sittings === [] ? $spot->start : $spot->sittings[count($spot->sittings) - 1][0],
            $spot->runsUntil, $hold,
        );
        if ($until === 0) {
            return true;
        }
        $later->start = $until;
        $this->waits->on($state, $later, $until, $this->rooms->waitedFor);

        return false;
    }

    /** While whoever set it going is there, and everything is open that has hours of its own. */
    private function runsUntil(int $activity, Spot $spot): int
    {
        $left = $this->tables->alone[$activity];
        if ($left === 0 || $spot->person < 0) {
            return $spot->end;
        }
        $calendar = $this->tables->people->workers[$spot->person]->calendar;
        if (! $this->tables->hasHours[$activity]) {
            return $calendar->finish($spot->end, $left);
        }
        $at = $spot->end;
        $index = $calendar->stretchAfter($at);
        do {
            [$from, $to] = $calendar->stretchAt($index);
            [$from, $to] = [max($at, $from), $to];
            foreach ($this->tables->demands[$activity] as [, $resource, $quantity]) {
                if ($quantity === 0 && $from < $to) {
                    [$opens, $closes] = $this->tables->resources->openStretch($resource, $from);
                    [$from, $to] = [max($from, $opens), min($to, $closes)];
                }
            }
            if ($from < $to) {
                $at = min($to, $from + $left);
                $left -= $at - $from;
            } else {
                $index++;
                $at = max($at, $calendar->stretchAt($index)[0]);
            }
        } while ($left > 0);

        return $at;
    }
}
