<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Time\NoWorkingTime;

/**
 * Walks once over the free time of people and of everything that an activity needs, forward only, until all of it comes
 * together. The innermost loop of all planning: what is found stands in the properties.
 */
final class Walk
{
    public int $start = 0;

    public int $end = 0;

    public int $person = -1;

    /** From when on what it needs is free. */
    public int $at = 0;

    /** The resource that had to be waited for last, −1 for none. */
    public int $waitedFor = -1;

    private ?NoWorkingTime $never = null;

    /** @var list<array<int, int>> by demand: from when on there is as much */
    private array $from = [];

    /** @var list<array<int, int>> by demand: until when there is as much */
    private array $to = [];

    /** @var list<int> by demand: the first gap that is not over */
    private array $first = [];

    /** @var list<int> by demand: clock minutes after the labour in which it is kept */
    private array $hold = [];

    /** @var list<int> by demand */
    private array $resource = [];

    /** @var array<int, int> by person: until when it is not given to them */
    private readonly array $notYet;

    /** @param  bool  $peopleAlone  whatever it needs is its own already */
    public function __construct(
        private readonly Tables $tables,
        private readonly State $state,
        public readonly int $activity,
        private readonly int $ready,
        bool $peopleAlone = false,
    ) {
        $this->notYet = $tables->notYet[$activity];
        foreach ($peopleAlone ? [] : $tables->demands[$activity] as [$need, $resource, , $through]) {
            $to = $state->gapTo[$need];
            $low = 0;
            $high = count($to) - 1;
            if ($state->gapFrom[$need][$high] <= $ready) {
                continue;
            }
            while ($low < $high) {
                $middle = ($low + $high) >> 1;
                if ($to[$middle] <= $ready) {
                    $low = $middle + 1;
                } else {
                    $high = $middle;
                }
            }
            $this->from[] = $state->gapFrom[$need];
            $this->to[] = $to;
            $this->first[] = $low;
            $this->hold[] = $through ? $tables->hold[$activity] : 0;
            $this->resource[] = $resource;
        }
    }

    /**
     * The place that is over first, of whoever of some people can take it: over breaks and nights but not over something
     * else.
     *
     * @param  array<int, int>  $minutes  of labour, by person
     * @param  bool  $one  whether it has to lie within one stretch
     *
     * @throws NoWorkingTime if nobody of them has hours left for it
     */
    public function find(array $minutes, bool $one): bool
    {
        [$from, $to, $gap, $hold] = [$this->from, $this->to, $this->first, $this->hold];
        $at = $this->ready;
        $this->waitedFor = -1;
        if ($minutes === []) {
            return false;
        }
        $least = min($minutes);
        $starts = $ends = [];
        $person = -1;
        while (true) {
            do {
                $isLater = false;
                foreach ($gap as $demand => $here) {
                    $wanted = $least + $hold[$demand];
                    $start = $from[$demand][$here] > $at ? $from[$demand][$here] : $at;
                    if ($to[$demand][$here] - $start < $wanted) {
                        do {
                            $here++;
                            $start = $from[$demand][$here] > $at ? $from[$demand][$here] : $at;
                        } while ($to[$demand][$here] - $start < $wanted);
                        $gap[$demand] = $here;
                    }
                    if ($start > $at) {
                        $at = $start;
                        $this->waitedFor = $this->resource[$demand];
                        $isLater = true;
                    }
                }
            } while ($isLater);
            $end = PHP_INT_MAX;
            foreach ($minutes as $who => $takes) {
                if (! isset($starts[$who]) || $starts[$who] < $at) {
                    // Whoever would not be over sooner, whenever they are free, is not looked at.
                    if ($at + $takes >= $end || (isset($ends[$who]) && $ends[$who] >= $end)) {
                        continue;
                    }
                    if (! $this->freeFrom($who, $at, $takes, $one)) {
                        unset($minutes[$who]);

                        continue;
                    }
                    $starts[$who] = $this->start;
                    $ends[$who] = $this->end;
                }
                if ($ends[$who] < $end) {
                    $end = $ends[$who];
                    $person = $who;
                }
            }
            if ($minutes === []) {
                return $this->nobody();
            }
            $start = $starts[$person];
            // At once and without a break it fits; later, longer or over a break what it needs may be taken.
            $isFree = true;
            if ($start !== $at || $end !== $start + $least) {
                foreach ($gap as $demand => $here) {
                    while ($to[$demand][$here] <= $start) {
                        $here++;
                    }
                    if ($to[$demand][$here] < $end + $hold[$demand]) {
                        $here++;
                    }
                    if ($from[$demand][$here] > $start) {
                        $isFree = false;
                        if ($from[$demand][$here] > $at) {
                            $at = $from[$demand][$here];
                            $this->waitedFor = $this->resource[$demand];
                        }
                    }
                    $gap[$demand] = $here;
                }
            }
            if ($isFree) {
                $this->person = $person;
                $this->start = $start;
                $this->end = $end;
                $this->at = $at;

                return true;
            }
        }
    }

    /** @throws NoWorkingTime if it is not only that no stretch is long enough */
    private function nobody(): false
    {
        if ($this->never !== null) {
            throw $this->never;
        }

        return false;
    }

    /**
     * Somebody's first free time from an instant on that is long enough.
     *
     * @return bool false if there will never be one
     */
    private function freeFrom(int $person, int $at, int $minutes, bool $one): bool
    {
        $people = $this->tables->people;
        $rare = $one && ! $people->isUsual($person, $minutes);
        if ($this->notYet !== [] && $at < ($this->notYet[$person] ?? 0)) {
            $at = $this->notYet[$person];
        }
        try {
            $laidOut = $this->state->laidOut[$person];
            if ($laidOut === 0 || $people->to[$person][$laidOut - 1] <= $at) {
                $people->reach($this->state, $person, $at);
            }
            $from = $this->state->from[$person];
            $to = $this->state->to[$person];
            $stretch = $this->state->stretch[$person];
            $ends = $people->to[$person];
            $count = count($from);
            for ($low = Agendas::firstEndingAfter($to, $at); ; $low++) {
                if ($low >= $count) {
                    $from = $to = $stretch = $ends = null;
                    $people->layOutFree($this->state, $person);
                    $from = $this->state->from[$person];
                    $to = $this->state->to[$person];
                    $stretch = $this->state->stretch[$person];
                    $ends = $people->to[$person];
                    $count = count($from);
                }
                $start = $from[$low] > $at ? $from[$low] : $at;
                $left = $minutes - $to[$low] + $start;
                if ($left <= 0) {
                    $this->start = $start;
                    $this->end = $start + $minutes;

                    return true;
                }
                if ($one) {
                    if ($rare && ! $people->isToCome($person, $start, $minutes)) {
                        return false;
                    }

                    continue;
                }
                // A free time of no length is one that is used up; one that is over before its stretch is has something behind it.
                if ($to[$low] <= $start || $to[$low] !== $ends[$stretch[$low]]) {
                    continue;
                }
                $end = $people->over($this->state, $person, $low, $left);
                if ($end > 0) {
                    $this->start = $start;
                    $this->end = $end;

                    return true;
                }
                if (count($this->state->from[$person]) !== $count) {
                    $from = $this->state->from[$person];
                    $to = $this->state->to[$person];
                    $stretch = $this->state->stretch[$person];
                    $ends = $people->to[$person];
                    $count = count($from);
                }
            }
        } catch (NoWorkingTime $never) {
            $this->never = $never;

            return false;
        }
    }
}
