<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Time\NoWorkingTime;

/** Looks for the first place at which somebody and everything that is needed are free together. */
final class Seeker
{
    private readonly OpenHours $hours;

    private readonly Company $company;

    private readonly Waits $waits;

    public function __construct(
        private readonly Tables $tables,
        private readonly Agendas $agendas,
        private readonly Rooms $rooms,
    ) {
        $this->hours = new OpenHours($tables, $agendas, $rooms);
        $this->waits = new Waits($tables, $agendas);
        $this->company = new Company($tables, $rooms, $this->waits);
    }

    /**
     * The place that is over first.
     *
     * @param  Spot  $ready  from when on it can be begun, and why not sooner
     * @param  int  $estimated  labour in minutes by the house standard
     * @param  int  $chosen  who is to do it, if they can; −1 for whoever is done first
     * @param  bool  $cut  whether it may be taken up again behind something else
     *
     * @throws NoWorkingTime if nobody who could do it has hours left
     */
    public function seek(State $state, int $activity, Spot $ready, int $estimated, int $chosen, bool $cut): Spot
    {
        return $estimated > 0 && $this->company->isNeeded($activity)
            ? $this->company->seek($state, $activity, $ready, fn (Spot $from): Spot => $this->place(
                $state, $activity, $from, $estimated, $chosen, $cut && $this->tables->hasHours[$activity],
            ))
            : $this->place($state, $activity, $ready, $estimated, $chosen, $cut);
    }

    private function place(State $state, int $activity, Spot $ready, int $estimated, int $chosen, bool $cut): Spot
    {
        if ($estimated === 0) {
            return $this->withoutLabour($state, $activity, $ready);
        }
        $all = $estimated === $this->tables->work[$activity]
            ? $this->tables->minutes[$activity]
            : $this->minutes($activity, $estimated);
        $sitting = $this->tables->activities[$activity]->oneSitting;
        foreach (isset($all[$chosen]) ? [[$chosen => $all[$chosen]], $all] : [$all] as $minutes) {
            // Where nobody able has a stretch that is long enough: over a break then, and that is reported.
            foreach ($sitting ? [true, false] : [false] as $one) {
                $walk = new Walk($this->tables, $state, $activity, $ready->start);
                try {
                    $found = $walk->find($minutes, $one);
                } catch (NoWorkingTime $never) {
                    $found = false;
                }
                if (! $found) {
                    continue;
                }
                $spot = new Spot;
                $spot->person = $walk->person;
                $spot->start = $walk->start;
                $spot->end = $walk->end;
                $spot->work = $minutes[$walk->person];
                $state->plain || $this->waits->explain($state, $activity, $spot, $ready, $walk->at, $walk->waitedFor);
                if (
                    $cut
                    && ! $sitting
                    && $estimated >= 2 * Agendas::LEAST_SITTING
                    && $spot->start >= $walk->at + Agendas::LEAST_SITTING
                ) {
                    $this->seekSittings($state, $activity, $minutes, $ready, $walk, $spot);
                }
                if ($cut && ! $sitting && $this->tables->hasHours[$activity]) {
                    $this->seekInHours($state, $activity, $minutes, $ready, $spot);
                }

                return $spot;
            }
        }

        throw $never ?? NoWorkingTime::within('The shop', 16);
    }

    /**
     * The first place at which the person whose it is goes on with what is under way, whatever it occupies.
     *
     * @param  list<array{int, int}>  $planned  sittings in which it was planned to be gone on with
     */
    public function person(State $state, int $activity, int $from, array $planned): Spot
    {
        $kept = $planned === [] ? null : $this->asPlanned($state, $activity, $from, $planned);
        $spot = $kept ?? $this->goesOn($state, $activity, $from);
        $this->company->asFarAsCan($state, $activity, $spot);

        return $spot;
    }

    private function goesOn(State $state, int $activity, int $from): Spot
    {
        $walk = new Walk($this->tables, $state, $activity, $from, true);
        $walk->find($this->tables->minutes[$activity], false);
        $spot = new Spot;
        [$spot->person, $spot->start, $spot->end] = [$walk->person, $walk->start, $walk->end];
        $spot->work = $this->tables->minutes[$activity][$walk->person];

        return $spot;
    }

    /**
     * In the sittings that were planned, the last one longer where more is left.
     *
     * @param  list<array{int, int}>  $planned
     * @return Spot|null null where they cannot be kept
     */
    private function asPlanned(State $state, int $activity, int $from, array $planned): ?Spot
    {
        $person = $this->tables->able[$activity][0];
        $left = $work = $this->tables->minutes[$activity][$person];
        $sittings = [];
        foreach ($planned as $at => [$since, $until]) {
            $start = max($since, $from);
            if ($left <= 0 || $until <= $start) {
                continue;
            }
            $isLast = $at === count($planned) - 1;
            $there = $this->tables->people->workers[$person]->calendar->between($start, $until);
            $takes = $isLast ? $left : min($left, $there);
            if ($takes <= 0) {
                continue;
            }
            $walk = new Walk($this->tables, $state, $activity, $start, true);
            if (! $walk->find([$person => $takes], false)) {
                return null;
            }
            $sittings[] = [$walk->start, $walk->end];
            $left -= $takes;
        }
        if ($left > 0 || $sittings === []) {
            return null;
        }
        $spot = new Spot;
        [$spot->person, $spot->work] = [$person, $work];
        [$spot->start, $spot->end] = [$sittings[0][0], $sittings[count($sittings) - 1][1]];
        $spot->sittings = count($sittings) > 1 ? $sittings : [];
        // Until it is gone on with, its station is free for others.
        $spot->givesUp = true;

        return $spot;
    }

    /** @param  array<int, int>  $minutes  by person */
    private function seekInHours(State $state, int $activity, array $minutes, Spot $ready, Spot $best): void
    {
        foreach ($minutes as $person => $takes) {
            $found = $this->hours->seek($state, $activity, $person, $this->notBefore($activity, $person, $ready->start), $takes, $best->end);
            if ($found !== null) {
                [$best->sittings, $best->work] = $found;
                [$best->person, $best->givesUp] = [$person, true];
                [$best->start, $best->end] = [$best->sittings[0][0], $best->sittings[count($best->sittings) - 1][1]];
                $state->plain || $this->waits->explain($state, $activity, $best, $ready, $best->start, -1);
            }
        }
    }

    /** @return array<int, int> */
    private function minutes(int $activity, int $estimated): array
    {
        $minutes = [];
        foreach ($this->tables->able[$activity] as $person) {
            $minutes[$person] = $this->tables->minutesOf($activity, $person, $estimated);
        }

        return $minutes;
    }

    /**
     * In sittings with something else in between, where somebody could begin sooner and is over with it sooner so.
     *
     * @param  array<int, int>  $minutes  by person
     * @param  Walk  $walk  which found from when on what it needs is free
     */
    private function seekSittings(
        State $state,
        int $activity,
        array $minutes,
        Spot $ready,
        Walk $walk,
        Spot $best,
    ): void {
        $hold = $this->tables->hold[$activity];
        foreach ($minutes as $person => $takes) {
            $at = $this->notBefore($activity, $person, $walk->at);
            if ($at + $takes >= $best->end) {
                continue;
            }
            $again = $this->tables->setUpMinutes($activity, $person);
            foreach ([false, true] as $givesUp) {
                $work = $takes;
                do {
                    $sittings = $this->agendas->findSittings($state, $person, $at, $work, $best->end);
                    $wanted = $sittings === null || ! $givesUp ? $work : $takes + $again * (count($sittings) - 1);
                    $isEnough = $wanted <= $work;
                    $work = $wanted;
                } while (! $isEnough);
                if ($sittings === null) {
                    break;
                }
                if ($this->rooms->isFree($state, $activity, $sittings, $hold, $givesUp)) {
                    [$best->person, $best->work, $best->sittings, $best->givesUp] = [
                        $person, $work, $sittings, $givesUp,
                    ];
                    [$best->start, $best->end] = [$sittings[0][0], $sittings[count($sittings) - 1][1]];
                    $state->plain || $this->waits->explain($state, $activity, $best, $ready, $at, $walk->waitedFor);
                    break;
                }
            }
        }
    }

    /** Whoever has a gentle day is given nothing that cannot be undone before it is over. */
    private function notBefore(int $activity, int $person, int $instant): int
    {
        return max($instant, $this->tables->notYet[$activity][$person] ?? 0);
    }

    private function withoutLabour(State $state, int $activity, Spot $ready): Spot
    {
        $spot = clone $ready;
        $spot->start = $spot->end = $this->rooms->fit(
            $state, $activity, $ready->start, 0, $this->tables->hold[$activity],
        );
        if (! $state->plain && $spot->start > $ready->start) {
            $this->waits->on($state, $spot, $spot->start, $this->rooms->waitedFor);
        }

        return $spot;
    }
}
