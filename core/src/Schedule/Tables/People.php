<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\NoWorkingTime;

/** The people of a problem, counted from 0, with their stretches of work from now on. */
final class People
{
    /** Stretches that are laid out at a time. */
    private const CHUNK = 64;

    /** @var list<Worker> */
    public readonly array $workers;

    /** @var array<int, int> by the person's own number */
    public readonly array $index;

    /** @var array<int, array<int, int>> by person: instants at which stretches begin, the first not before now */
    public array $from = [];

    /** @var array<int, array<int, int>> by person: instants at which they end */
    public array $to = [];

    /** @var list<int> by person: the calendar's stretch that is the first here */
    private array $first = [];

    /** @var array<string, list<int>> by skill */
    private array $skilled = [];

    public function __construct(private readonly Problem $problem)
    {
        $this->workers = $problem->workers;
        $index = [];
        foreach ($problem->workers as $at => $worker) {
            $index[$worker->id] = $at;
            $this->first[] = $worker->calendar->stretchAfter($problem->now);
            $this->from[] = [];
            $this->to[] = [];
        }
        $this->index = $index;
    }

    /**
     * Lays out further stretches of a person, as many as there still are.
     *
     * @throws NoWorkingTime if there is none any more
     */
    private function layOut(int $worker): void
    {
        $calendar = $this->workers[$worker]->calendar;
        for ($more = 0; $more < self::CHUNK; $more++) {
            try {
                [$from, $to] = $calendar->stretchAt($this->first[$worker] + count($this->from[$worker]));
            } catch (NoWorkingTime $never) {
                if ($more > 0) {
                    return;
                }
                throw $never;
            }
            $this->from[$worker][] = max($from, $this->problem->now);
            $this->to[$worker][] = $to;
        }
    }

    /** Whether a free time goes on in the next one after a break or a night, with nothing in between. */
    public function goesOn(State $state, int $person, int $free): bool
    {
        $of = $state->stretch[$person][$free];

        return $state->stretch[$person][$free + 1] === $of + 1
            && $state->to[$person][$free] === $this->to[$person][$of]
            && $state->from[$person][$free + 1] === $this->from[$person][$of + 1];
    }

    /**
     * When the rest of some labour is over that goes on behind a free time, which lasts to the end of its stretch, over
     * breaks and nights; 0 if something else is in between.
     *
     * @param  int  $left  minutes that do not fit into the free time
     *
     * @throws NoWorkingTime if the person has no hours left for it
     */
    public function over(State $state, int $person, int $free, int $left): int
    {
        $of = $state->stretch[$person][$free];
        do {
            $free++;
            $of++;
            if ($free >= count($state->from[$person])) {
                $this->layOutFree($state, $person);
            }
            $from = $this->from[$person][$of];
            if ($state->from[$person][$free] !== $from || $state->stretch[$person][$free] !== $of) {
                return 0;
            }
            $to = $state->to[$person][$free];
            $left -= $to - $from;
            if ($left <= 0) {
                return $to + $left;
            }
        } while ($to === $this->to[$person][$of]);

        return 0;
    }

    /** Until when somebody's free time is laid out. */
    public function reached(State $state, int $person): int
    {
        $laidOut = $state->laidOut[$person];

        return $laidOut === 0 ? PHP_INT_MIN : $this->to[$person][$laidOut - 1];
    }

    /** Lays out free time until some of it ends after an instant. */
    public function reach(State $state, int $person, int $instant): void
    {
        while ($this->reached($state, $person) <= $instant) {
            $this->layOutFree($state, $person);
        }
    }

    /**
     * Lays out further free time of somebody.
     *
     * @throws NoWorkingTime if there is none any more
     */
    public function layOutFree(State $state, int $person): void
    {
        $next = $state->laidOut[$person];
        if ($next >= count($this->from[$person])) {
            $this->layOut($person);
        }
        for ($count = count($this->from[$person]); $next < $count; $next++) {
            $state->from[$person][] = $this->from[$person][$next];
            $state->to[$person][] = $this->to[$person][$next];
            $state->stretch[$person][] = $next;
        }
        $state->laidOut[$person] = $next;
    }

    /** Whether somebody has a stretch of that length in a usual week. */
    public function isUsual(int $worker, int $minutes): bool
    {
        return $this->workers[$worker]->calendar->isUsualSitting($minutes);
    }

    /** Whether somebody has a stretch of that length after an instant, in a usual week or on a day of its own. */
    public function isToCome(int $worker, int $instant, int $minutes): bool
    {
        return $this->workers[$worker]->calendar->longestSitting($instant) >= $minutes;
    }

    /**
     * What somebody was busy with until they could begin: until that instant, or until the break or night right before.
     *
     * @param  int  $since  from when on they were asked for
     */
    public function busyWith(State $state, int $person, int $start, int $since): ?int
    {
        if (isset($state->ended[$person][$start])) {
            return $state->ended[$person][$start];
        }
        $of = Agendas::firstEndingAfter($this->to[$person], $start);
        $breaks = $of > 0 && $start === $this->from[$person][$of] ? $this->to[$person][$of - 1] : 0;

        return $breaks > $since ? ($state->ended[$person][$breaks] ?? null) : null;
    }

    /**
     * Who may do an activity: who has begun it, who it was pinned to or announced for, or everybody with the skill.
     *
     * @return list<int>
     */
    public function able(Activity $activity): array
    {
        if ($activity->worker !== null && isset($this->index[$activity->worker])) {
            return [$this->index[$activity->worker]];
        }
        $skilled = $this->skilled[$activity->skill ?? ''] ??= array_values(array_filter(
            array_keys($this->workers),
            fn (int $at): bool => $activity->skill === null
                || in_array($activity->skill, $this->workers[$at]->skills, true),
        ));
        $fixed = $this->index[$activity->pin->worker ?? $activity->announced->worker ?? -1] ?? null;

        return $fixed !== null && in_array($fixed, $skilled, true) ? [$fixed] : $skilled;
    }
}
