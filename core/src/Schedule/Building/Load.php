<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;

/**
 * How much of a person's or a resource's time is used, in stretches of time: as planned, and as the promises would need
 * it if nothing stood in the way (every activity at its latest start for its build's date). Where more is needed than
 * there is, the stretch is overbooked: the plan can only keep it by being late. Persons in working minutes, stations in
 * minutes of the shop's hours, fixtures in clock minutes, times how many there are.
 */
final readonly class Load
{
    /**
     * @param  list<int>  $there  minutes there are, by stretch
     * @param  list<int>  $planned
     * @param  list<int>  $needed
     */
    private function __construct(public array $there, public array $planned, public array $needed)
    {
    }

    /**
     * @param  list<int>  $bounds  instants, in order; stretches lie between them
     * @param  array<int|string, int>|null  $latest  starts at which promises are still kept, by activity, where they are known already
     */
    public static function ofWorker(Worker $worker, Problem $problem, Plan $plan, array $bounds, ?array $latest = null): self
    {
        $latest ??= Priority::keys($problem);
        $planned = $needed = array_fill(0, count($bounds) - 1, 0);
        $there = [];
        for ($index = 0; $index < count($bounds) - 1; $index++) {
            $there[] = $worker->calendar->between(
                max($bounds[$index], $problem->now), max($bounds[$index + 1], $problem->now),
            );
        }
        foreach ($plan->assignments as $id => $one) {
            if ($one->helper === $worker->id) {
                foreach (array_keys($planned) as $index) {
                    $planned[$index] += self::within((int) $one->helpsFrom, $one->workEnd, $bounds[$index], $bounds[$index + 1]);
                }
            }
            if ($one->worker !== $worker->id || $one->work === 0) {
                continue;
            }
            // Labour over a night leaves room for something short in between: what it takes is its own minutes, in
            // order.
            $left = $one->work;
            foreach (array_keys($planned) as $index) {
                if ($one->workEnd <= $bounds[$index] || $one->start >= $bounds[$index + 1]) {
                    continue;
                }
                $within = min(
                    $left,
                    max(
                        0,
                        $worker->calendar->between(
                            max($one->start, $bounds[$index]), min($one->workEnd, $bounds[$index + 1]),
                        ),
                    ),
                );
                $planned[$index] += $within;
                $left -= $within;
            }
            $at = self::stretchOf(max($problem->now, $latest[$id]), $bounds);
            if ($at !== null) {
                $needed[$at] += $one->work;
            }
        }

        return new self($there, $planned, array_values($needed));
    }

    /**
     * @param  list<int>  $bounds
     * @param  Calendar|null  $hours  of the shop, for what is only used while somebody works at it; by the clock if
     *   none is given
     * @param  array<int|string, int>|null  $latest  starts at which promises are still kept, by activity, where they are known already
     */
    public static function ofResource(
        string $resource,
        Problem $problem,
        Plan $plan,
        array $bounds,
        ?Calendar $hours = null,
        ?array $latest = null,
    ): self {
        $within = static fn (int $from, int $to, int $begin, int $end): int => $hours === null || $to <= $begin || $from >= $end || $to <= $from
            ? self::within($from, $to, $begin, $end)
            : max(0, $hours->between(max($from, $begin), max(min($to, $end), max($from, $begin))));
        $latest ??= Priority::keys($problem);
        $capacity = $problem->capacities[$resource] ?? 0;
        $planned = $needed = $there = [];
        for ($index = 0; $index < count($bounds) - 1; $index++) {
            $begin = max($bounds[$index], $problem->now);
            $down = 0;
            foreach ($problem->outages as $outage) {
                $down += $outage->resource === $resource
                    ? $within($outage->from, $outage->to, $begin, $bounds[$index + 1])
                    : 0;
            }
            $there[] = $capacity * max(0, $within($begin, $bounds[$index + 1], $begin, $bounds[$index + 1]) - $down);
            $planned[] = $needed[] = 0;
        }
        foreach ($plan->assignments as $id => $one) {
            foreach ($problem->activities[$id]->demands as $demand) {
                if ($demand->resource !== $resource) {
                    continue;
                }
                $to = $demand->throughHold ? $one->finish : $one->workEnd;
                $from = max($problem->now, $latest[$id]);
                foreach (array_keys($there) as $index) {
                    $planned[$index] += $demand->quantity
                        * $within($one->start, $to, $bounds[$index], $bounds[$index + 1]);
                    $needed[$index] += $demand->quantity
                        * $within($from, $from + $to - $one->start, $bounds[$index], $bounds[$index + 1]);
                }
            }
        }

        return new self($there, array_values($planned), array_values($needed));
    }

    /** @return list<array{int, int}> first and last stretch of each run in which more is needed than there is */
    public function overbooked(): array
    {
        $runs = [];
        $since = null;
        foreach ([...$this->needed, 0] as $index => $needed) {
            $over = $needed > ($this->there[$index] ?? 0);
            if ($over) {
                $since ??= $index;
            } elseif ($since !== null) {
                $runs[] = [$since, $index - 1];
                $since = null;
            }
        }

        return $runs;
    }

    private static function within(int $from, int $to, int $begin, int $end): int
    {
        return max(0, min($to, $end) - max($from, $begin));
    }

    /** @param  list<int>  $bounds */
    private static function stretchOf(int $instant, array $bounds): ?int
    {
        for ($index = 0; $index < count($bounds) - 1; $index++) {
            if ($instant < $bounds[$index + 1]) {
                return $index;
            }
        }

        return null;
    }
}
