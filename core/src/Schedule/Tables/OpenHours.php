<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/**
 * Labour at what has hours of its own: where it is not over before they close, it is gone on with when they open again,
 * and set up once more.
 */
final class OpenHours
{
    /** So often it is looked further when something else is in the way. */
    private const TRIES = 12;

    /** So many stretches are looked at, a year of days or so. */
    private const STRETCHES = 400;

    public function __construct(
        private readonly Tables $tables,
        private readonly Agendas $agendas,
        private readonly Rooms $rooms,
    ) {
    }

    /**
     * The first place in sittings within the hours of all that it is worked at.
     *
     * @param  int  $minutes  of the person
     * @param  int  $before  it has to be over before this instant
     * @return array{non-empty-list<array{int, int}>, int}|null the sittings, and the person's minutes with what is set up again
     */
    public function seek(State $state, int $activity, int $person, int $at, int $minutes, int $before): ?array
    {
        $again = $this->tables->setUpMinutes($activity, $person);
        $hold = $this->tables->hold[$activity];
        for ($try = 0; $try < self::TRIES; $try++) {
            $work = $minutes;
            $times = 0;
            do {
                $sittings = $this->sittings($state, $activity, $person, $at, $work, $before);
                $wanted = $sittings === null ? $work : $minutes + $again * (count($sittings) - 1);
                $isEnough = $wanted <= $work;
                $work = $wanted;
                // Where hardly more than the set-up fits into the hours it is never over.
                if (++$times > self::TRIES) {
                    return null;
                }
            } while (! $isEnough);
            if ($sittings === null || count($sittings) < 2) {
                return null;
            }
            if ($this->rooms->isFree($state, $activity, $sittings, $hold, true)) {
                return [$sittings, $work];
            }
            $end = $sittings[count($sittings) - 1][1];
            $blocked = $this->rooms->takenUntil($state, $activity, $sittings[0][0], $end, $hold);
            $at = max($blocked, $sittings[0][1]);
        }

        return null;
    }

    /** @return list<array{int, int}>|null */
    private function sittings(State $state, int $activity, int $person, int $at, int $minutes, int $before): ?array
    {
        $sittings = [];
        $looked = 0;
        for ($left = $minutes; $left > 0;) {
            [$from, $to] = $this->open($activity, $at);
            if ($from >= $before || ++$looked > self::STRETCHES) {
                return null;
            }
            $run = $this->agendas->runWithin($state, $person, $from, $to, $left);
            if ($run !== null && $run[2] < $left && $left - $run[2] < Agendas::LEAST_SITTING) {
                $run = $this->agendas->runWithin($state, $person, $from, $to, $left - Agendas::LEAST_SITTING);
            }
            if ($run === null) {
                $at = $to;
            } elseif ($run[2] < min($left, Agendas::LEAST_SITTING)) {
                $at = $run[1];
            } else {
                $sittings[] = [$run[0], $run[1]];
                $left -= $run[2];
                $at = $run[1];
            }
        }

        return $sittings !== [] && $sittings[count($sittings) - 1][1] < $before ? $sittings : null;
    }

    /** @return array{int, int} the first stretch from an instant on in which all that it is worked at is open */
    private function open(int $activity, int $at): array
    {
        $resources = $this->tables->resources;
        do {
            [$from, $to] = [$at, PHP_INT_MAX];
            foreach ($this->tables->demands[$activity] as [, $resource, $quantity]) {
                if ($quantity === 0) {
                    [$opens, $closes] = $resources->openStretch($resource, $at);
                    [$from, $to] = [max($from, $opens), min($to, $closes)];
                }
            }
            $at = max($at + 1, $from);
        } while ($from >= $to);

        return [$from, $to];
    }
}
