<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** Ordinary events, drawn with a seed: what is planned around an instant starts, ends early or late, or is kept from it. */
final class Events
{
    private const HOUR = 60;

    private const DAY = 1_440;

    private readonly Randomizer $random;

    /** @param  array<int, WorkingHours>  $hours  by person */
    public function __construct(private readonly Moment $moment, private readonly array $hours, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return iterable<Event> so many, of all kinds in turn */
    public function drawn(int $count): iterable
    {
        $kinds = ['started', 'early', 'late', 'other', 'ill', 'down', 'part', 'errand'];
        for ($made = $tried = 0; $made < $count && $tried < 4 * $count; $tried++) {
            $kind = $kinds[$tried % count($kinds)];
            $event = match ($kind) {
                'started' => $this->started(),
                'early', 'late' => $this->done($kind),
                'other' => $this->other(),
                'ill' => $this->away($kind, 0),
                'down' => $this->down(),
                'part' => $this->part(),
                'errand' => $this->away($kind, self::HOUR * $this->random->getInt(2, 6)),
            };
            if ($event !== null) {
                $made++;
                yield $event;
            }
        }
    }

    /** What is next begins as planned. */
    private function started(): ?Event
    {
        $one = $this->next();
        if ($one === null) {
            return null;
        }
        $then = $this->moment->later($one->start);
        $activity = $then->problem->activities[$one->activity];

        return new Event('started', $then->with([
            $one->activity => $then->started($activity, $one, $one->start, $activity->work),
        ]), $one->activity, $one->worker, null, 0);
    }

    /** It takes two thirds of its time, or half as much again. */
    private function done(string $kind): ?Event
    {
        $one = $this->next();
        if ($one === null) {
            return null;
        }
        $worker = $this->worker((int) $one->worker);
        if ($kind === 'early') {
            $at = $worker->calendar->finish($one->start, intdiv(2 * $one->work, 3));
            $then = $this->moment->later($at);
            $activity = $then->problem->activities[$one->activity] ?? null;
            if ($activity === null || $one->sittings !== []) {
                return null;
            }

            return new Event($kind, $then->with([
                $one->activity => $activity->hold > 0 ? Moment::holding($activity, $at + $activity->hold) : null,
            ]), $one->activity, $one->worker, null, $one->work - intdiv(2 * $one->work, 3));
        }
        $then = $this->moment->later($one->workEnd - 5);
        $activity = $then->problem->activities[$one->activity] ?? null;
        $left = intdiv($one->work, 2);

        return $activity === null ? null : new Event($kind, $then->with([
            $one->activity => $then->started($activity, $one, $one->workEnd - 5, $left),
        ]), $one->activity, $one->worker, null, $left);
    }

    /** Somebody does what was planned for later, as soon as it can be begun. */
    private function other(): ?Event
    {
        $one = $this->next();
        if ($one === null) {
            return null;
        }
        $then = $this->moment->later($one->start);
        foreach ($this->soon() as $later) {
            $activity = $then->problem->activities[$later->activity] ?? null;
            if (
                $later->worker === $one->worker && $later->activity !== $one->activity && $activity !== null
                && ! $activity->isUnderWay() && $this->isReady($then, $later)
            ) {
                return new Event('other', $then->with([
                    $later->activity => $then->started($activity, $later, $one->start, $activity->work),
                ]), $later->activity, $one->worker, null, $later->work);
            }
        }

        return null;
    }

    private function isReady(Moment $then, Assignment $later): bool
    {
        foreach ($then->problem->activities[$later->activity]->predecessors as $before) {
            if (isset($then->problem->activities[$before->activity])) {
                return false;
            }
        }

        return ($then->problem->activities[$later->activity]->release->instant ?? 0) <= $then->problem->now;
    }

    /** Somebody is away for an hour, at once or later on the day. */
    private function away(string $kind, int $in): ?Event
    {
        $one = $this->next();
        $hours = $one === null ? null : ($this->hours[(int) $one->worker] ?? null);
        if ($one === null || $hours === null) {
            return null;
        }
        $then = $this->moment->later($one->start);
        $at = (new \DateTimeImmutable('@'.($one->start + $in) * 60))->setTimezone($hours->zone);
        $minute = 60 * (int) $at->format('G') + (int) $at->format('i');
        $away = $hours->away($at->format('Y-m-d'), $minute, min(1_440, $minute + self::HOUR));
        $workers = array_map(static fn (Worker $worker): Worker => $worker->id !== $one->worker ? $worker : new Worker(
            $worker->id, $worker->name, $worker->skills, Calendar::from($away, $one->start - self::DAY), $worker->speeds,
        ), $then->problem->workers);

        return new Event($kind, $then->with([], ['workers' => $workers]), null, $one->worker, null, self::HOUR);
    }

    /** A station that is needed soon is down for two hours. */
    private function down(): ?Event
    {
        foreach ($this->soon() as $one) {
            foreach ($this->moment->problem->activities[$one->activity]->demands as $demand) {
                if (! $demand->throughHold && ($this->moment->problem->capacities[$demand->resource] ?? 0) === 1) {
                    $then = $this->moment->later($one->start - 30);
                    $outage = new Outage($demand->resource, $one->start - 15, $one->start + 105, 'it is down');

                    return new Event('down', $then->with([], [
                        'outages' => [...$then->problem->outages, $outage],
                    ]), null, null, $demand->resource, 120);
                }
            }
        }

        return null;
    }

    /** What something needs comes three days later than was thought. */
    private function part(): ?Event
    {
        $soon = $this->soon();
        if ($soon === []) {
            return null;
        }
        $one = $soon[$this->random->getInt(0, count($soon) - 1)];
        $activity = $this->moment->problem->activities[$one->activity];

        return new Event('part', $this->moment->with([
            $one->activity => $activity->with(['release' => new Release($one->start + 3 * self::DAY, 'a part')]),
        ]), $one->activity, $one->worker, null, 3 * self::DAY);
    }

    private function next(): ?Assignment
    {
        $soon = array_values(array_filter(
            $this->soon(),
            fn (Assignment $one): bool => $one->start < $this->moment->problem->now + 2 * self::DAY,
        ));

        return $soon === [] ? null : $soon[$this->random->getInt(0, count($soon) - 1)];
    }

    /** @return list<Assignment> labour of the next three days, by start */
    private function soon(): array
    {
        $now = $this->moment->problem->now;
        $soon = array_values(array_filter(
            array_intersect_key($this->moment->plan->assignments, $this->moment->problem->activities),
            static fn (Assignment $one): bool => $one->work > 0 && $one->start > $now
                && $one->start < $now + 3 * self::DAY,
        ));
        usort($soon, static fn (Assignment $a, Assignment $b): int => [$a->start, $a->activity] <=> [$b->start, $b->activity]);
        $first = $this->random->getInt(0, max(0, min(3, count($soon) - 1)));

        return array_slice($soon, $first);
    }

    private function worker(int $id): Worker
    {
        foreach ($this->moment->problem->workers as $worker) {
            if ($worker->id === $id) {
                return $worker;
            }
        }

        throw new \LogicException("There is no person {$id}.");
    }
}
