<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/**
 * When so much of a station, a fixture, a piece or the air is free: for every quantity that is asked for, the stretches
 * of time in which there is as much. Times are only ever taken away.
 */
final class Rooms
{
    /** The resource that had to be waited for last. */
    public int $waitedFor = -1;

    public function __construct(private readonly Tables $tables)
    {
    }

    public function begin(State $state): void
    {
        $resources = $this->tables->resources;
        foreach ($resources->needs as $need => [$resource, $quantity]) {
            $fits = $quantity <= $resources->capacities[$resource];
            $state->gapFrom[$need] = $fits ? [PHP_INT_MIN] : [];
            $state->gapTo[$need] = $fits ? [PHP_INT_MAX] : [];
            if (isset($resources->open[$need])) {
                $state->gapFrom[$need] = array_column($resources->open[$need], 0);
                $state->gapTo[$need] = array_column($resources->open[$need], 1);
            }
        }
        foreach ($resources->capacities as $resource => $capacity) {
            $state->free[$resource] = [];
            if ($capacity > 1) {
                $state->at[$resource] = [PHP_INT_MIN];
                $state->used[$resource] = [0];
            }
            foreach ($resources->outages[$resource] as $outage) {
                $this->book($state, $resource, $outage->from, $outage->to, $capacity, -1);
            }
        }
    }

    /**
     * The first instant at or after another from which everything that an activity needs is free for as long as it takes
     * at the least. An empty stretch fits anywhere.
     *
     * @param  int  $work  minutes that its labour takes wherever it stands
     * @param  int  $hold  clock minutes after it in which it keeps what it holds
     * @return int PHP_INT_MAX if there is none
     */
    public function fit(State $state, int $activity, int $instant, int $work, int $hold): int
    {
        do {
            $before = $instant;
            foreach ($this->tables->demands[$activity] as [$need, $resource, , $through]) {
                $fits = Gaps::first($state, $need, $instant, $through ? $work + $hold : $work);
                if ($fits > $instant) {
                    $this->waitedFor = $resource;
                    $instant = $fits;
                }
            }
        } while ($instant > $before && $instant !== PHP_INT_MAX);

        return $instant;
    }

    /**
     * The end of the last stretch in which something else has what is taken from an instant to another, and through the hold
     * after it; 0 if everything is free. Hours of their own are not looked at.
     */
    public function blockedUntil(State $state, int $activity, int $start, int $end, int $hold): int
    {
        $latest = 0;
        foreach ($this->tables->demands[$activity] as [$need, $resource, $quantity, $through]) {
            $until = $quantity === 0 ? 0 : Gaps::lastBlock($state, $need, $start, $through ? $end + $hold : $end);
            if ($until > $latest) {
                $latest = $until;
                $this->waitedFor = $resource;
            }
        }

        return $latest;
    }

    /** The end of the last stretch in which something else has what is held through the hold; 0 if nothing has. */
    public function takenUntil(State $state, int $activity, int $start, int $end, int $hold): int
    {
        $latest = 0;
        foreach ($this->tables->demands[$activity] as [$need, , , $through]) {
            $latest = $through ? max($latest, Gaps::lastBlock($state, $need, $start, $end + $hold)) : $latest;
        }

        return $latest;
    }

    /**
     * Whether everything is free for labour in sittings.
     *
     * @param  list<array{int, int}>  $sittings  one at least
     * @param  bool  $givesUp  whether what is taken for the labour alone is free for others between the sittings
     */
    public function isFree(State $state, int $activity, array $sittings, int $hold, bool $givesUp): bool
    {
        $end = $sittings[count($sittings) - 1][1];
        foreach ($this->tables->demands[$activity] as [$need, , $quantity, $through]) {
            foreach ($through || ! $givesUp && $quantity > 0 ? [[$sittings[0][0], $end]] : $sittings as [$from, $to]) {
                if (Gaps::lastBlock($state, $need, $from, $through ? $to + $hold : $to) !== 0) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Whether a station that only one can use at a time is free from an instant to another. */
    public function isStationFree(State $state, int $station, int $from, int $to): bool
    {
        return Gaps::lastBlock($state, $this->tables->resources->need($station, 1), $from, $to) === 0;
    }

    /** @param  int  $activity  −1 for an outage */
    public function book(State $state, int $resource, int $from, int $to, int $quantity, int $activity): void
    {
        if ($to <= $from || $quantity === 0) {
            return;
        }
        $state->free[$resource][$to] ??= $activity;
        if (! isset($state->at[$resource])) {
            foreach ($this->tables->resources->needsOf[$resource] as $need) {
                Gaps::take($state, $need, $from, $to);
            }

            return;
        }
        $first = self::split($state, $resource, $from);
        $last = self::split($state, $resource, $to);
        for ($index = $first; $index < $last; $index++) {
            $state->used[$resource][$index] += $quantity;
        }
        foreach ($this->tables->resources->needsOf[$resource] as $need) {
            $limit = $this->tables->resources->capacities[$resource] - $this->tables->resources->needs[$need][1];
            $since = null;
            for ($index = $first; $index < $last; $index++) {
                $isFull = $state->used[$resource][$index] > $limit;
                if ($isFull && $since === null) {
                    $since = $state->at[$resource][$index];
                } elseif (! $isFull && $since !== null) {
                    Gaps::take($state, $need, $since, $state->at[$resource][$index]);
                    $since = null;
                }
            }
            if ($since !== null) {
                Gaps::take($state, $need, $since, $to);
            }
        }
    }

    private static function split(State $state, int $resource, int $instant): int
    {
        $low = 0;
        $high = count($state->at[$resource]);
        if ($state->at[$resource][$high - 1] < $instant) {
            $state->at[$resource][] = $instant;
            $state->used[$resource][] = $state->used[$resource][$high - 1];

            return $high;
        }
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($state->at[$resource][$middle] < $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if ($state->at[$resource][$low] !== $instant) {
            array_splice($state->at[$resource], $low, 0, [$instant]);
            array_splice($state->used[$resource], $low, 0, [$state->used[$resource][$low - 1]]);
        }

        return $low;
    }
}
