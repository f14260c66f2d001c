<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/**
 * What is tried: one more of what there is, somebody who learns, works longer, a part that comes earlier, a later
 * promise.
 */
final readonly class Variations
{
    /** A part that comes so many minutes earlier. */
    private const EARLIER = 10_080;

    /** Everybody an hour longer every working day, for so many weeks. */
    public const OVERTIME_WEEKS = 4;

    public const OVERTIME_MINUTES = 60;

    private const LATER_DAYS = 7;

    /**
     * @param  list<string>  $owned  keys of stations and fixtures of which there are some
     * @param  list<string>  $skills
     * @param  array<int, WorkingHours>  $hours  by worker
     */
    public function __construct(
        private Problem $problem,
        private array $owned,
        private array $skills,
        private array $hours,
        private \DateTimeZone $zone,
    ) {
    }

    /** @return iterable<Variation> */
    public function all(Planned $today): iterable
    {
        yield from $this->oneMore();
        yield from $this->learned();
        yield from $this->longer();
        yield from $this->earlier();
        yield from $this->later($today);
    }

    public function day(int $instant): string
    {
        return (new \DateTimeImmutable('@'.$instant * 60))->setTimezone($this->zone)->format('Y-m-d');
    }

    /** @return iterable<Variation> */
    private function oneMore(): iterable
    {
        foreach ($this->owned as $key) {
            $capacities = $this->problem->capacities;
            $capacities[$key]++;
            yield Variation::oneMore($this->problem->with(['capacities' => $capacities]), $key);
        }
    }

    /** @return iterable<Variation> */
    private function learned(): iterable
    {
        foreach ($this->problem->workers as $worker) {
            foreach (array_diff($this->skills, $worker->skills) as $skill) {
                $skills = [...$worker->skills, $skill];
                $able = new Worker($worker->id, $worker->name, $skills, $worker->calendar, $worker->speeds, $worker->gentleUntil);
                yield Variation::learned($this->with($able), $worker->id, $skill);
            }
        }
    }

    /** @return iterable<Variation> */
    private function longer(): iterable
    {
        $from = new \DateTimeImmutable($this->day($this->problem->now));
        foreach ($this->problem->workers as $worker) {
            $hours = $this->hours[$worker->id] ?? null;
            if ($hours === null) {
                continue;
            }
            for ($ahead = 0; $ahead < 7 * self::OVERTIME_WEEKS; $ahead++) {
                $until = $from->modify("+{$ahead} days")->format('Y-m-d');
                $hours = $hours->longer($until, self::OVERTIME_MINUTES);
            }
            $calendar = Calendar::from($hours, $this->problem->now, $worker->name);
            $there = new Worker($worker->id, $worker->name, $worker->skills, $calendar, $worker->speeds, $worker->gentleUntil);
            yield Variation::longer($this->with($there), $worker->id, $until);
        }
    }

    /** @return iterable<Variation> */
    private function earlier(): iterable
    {
        $causes = [];
        foreach ($this->problem->activities as $activity) {
            if ($activity->release !== null) {
                $causes[$activity->release->cause] = true;
            }
        }
        foreach (array_keys($causes) as $cause) {
            yield Variation::earlier($this->sooner((string) $cause), (string) $cause);
        }
    }

    private function sooner(string $cause): Problem
    {
        $activities = $this->problem->activities;
        foreach ($activities as $id => $activity) {
            if (in_array($cause, array_column($activity->releases(), 'cause'), true)) {
                $sooner = $activity->waitingFor(array_map(fn (Release $one): Release => $one->cause === $cause
                    ? new Release(max($this->problem->now, $one->instant - self::EARLIER), $cause)
                    : $one, $activity->releases()));
                $activities[$id] = $sooner->holdUntil === null ? $sooner : $sooner->with(['holdUntil' => $sooner->release?->instant]);
            }
        }

        return $this->problem->with(['activities' => $activities]);
    }

    /**
     * A promise that is late anyway, given for the day on which it can be kept: then others go first again.
     *
     * @return iterable<Variation>
     */
    private function later(Planned $today): iterable
    {
        foreach ($this->problem->dues as $build => $due) {
            $finish = $today->finish($build);
            if ($due->instant === null || $finish === null || $finish <= $due->instant) {
                continue;
            }
            $day = new \DateTimeImmutable($this->day($finish).' +'.self::LATER_DAYS.' days', $this->zone);
            $instant = intdiv($day->modify('+1 day')->getTimestamp(), 60) - 1;
            $dues = array_replace($this->problem->dues, [$build => new Due($instant, $due->round, $due->promise)]);
            yield Variation::later($this->problem->with(['dues' => $dues]), $build, $day->format('Y-m-d'));
        }
    }

    private function with(Worker $other): Problem
    {
        $workers = array_map(
            static fn (Worker $worker): Worker => $worker->id === $other->id ? $other : $worker,
            $this->problem->workers,
        );

        return $this->problem->with(['workers' => $workers]);
    }
}
