<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** Goes on with a setting that stands on a station, without setting up. */
final class SettingsKept
{
    /** So long, in clock minutes, a station waits as it is set: until the same time tomorrow. */
    private const KEPT = 1_440;

    public function __construct(
        private readonly Tables $tables,
        private readonly Seeker $seeker,
        private readonly Rooms $rooms,
    ) {
    }

    /**
     * The best place behind one with the same setting, if it is not later than setting up again would be.
     *
     * @param  Spot  $alone  where it would stand with its own set-up
     * @param  int  $work  with its own set-up
     * @return array{Spot, int, int}|null the place, since when the station stands, and whose set-up it is
     */
    public function shared(State $state, int $index, Spot $alone, Spot $ready, int $work, int $chosen): ?array
    {
        $best = null;
        $station = $this->tables->station[$index];
        $spared = $work - ($this->tables->activities[$index]->setUp->minutes ?? 0);
        if ($spared <= 0 && $this->tables->alone[$index] > 0) {
            // Somebody has to set the machine going.
            return null;
        }
        foreach ($state->standing[$this->tables->setting[$index]] ?? [] as [$since, $whose]) {
            if ($since > $alone->end || $since < $ready->start - self::KEPT) {
                continue;
            }
            $from = clone $ready;
            if ($since > $from->start) {
                [$from->start, $from->wait, $from->for, $from->of] = [$since, Wait::SET_UP, $whose, $station];
            }
            $spot = $this->seeker->seek($state, $index, $from, $spared, $chosen, false);
            $pays = $spot->end <= ($best === null ? $alone->end : $best[0]->end - 1);
            if (
                $pays
                && $spot->start - $since <= self::KEPT
                && $this->rooms->isStationFree($state, $station, $since, $spot->start)
            ) {
                $best = [$spot, $since, $whose];
            }
        }

        return $best;
    }
}
