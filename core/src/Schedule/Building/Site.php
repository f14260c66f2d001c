<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\SetUp;

/** Stations, fixtures, pieces and the air: what is taken when, by what, and when it is not to be had. */
final class Site
{
    /** @var array<string, Occupancy> by resource */
    private array $resources = [];

    /** @var array<string, list<Outage>> by resource */
    private array $outages = [];

    public function __construct(private readonly Problem $problem)
    {
        foreach ($problem->capacities as $resource => $capacity) {
            $this->resources[$resource] = new Occupancy($capacity);
        }
        foreach ($problem->outages as $outage) {
            $this->outages[$outage->resource][] = $outage;
            ($this->resources[$outage->resource] ?? null)?->book(
                $outage->from, $outage->to, $this->resources[$outage->resource]->capacity, '',
            );
        }
    }

    /** What is needed and not owned, in words with the mend; null if all of it is there. */
    public function lacking(Activity $activity): ?string
    {
        foreach ($activity->demands as $demand) {
            $owned = isset($this->resources[$demand->resource]) ? $this->resources[$demand->resource]->capacity : 0;
            if ($demand->quantity > $owned) {
                $name = preg_replace('/^r:/', '', $demand->resource);

                return "It needs {$demand->quantity} of “{$name}”; the shop has {$owned}. Change the house standard, "
                    .'or how many there are.';
            }
        }

        return null;
    }

    /** @return array{int, Reason}|null the instant to wait for and why; null if all it needs is free */
    public function conflict(Activity $activity, int $start, int $end, int $work): ?array
    {
        $latest = null;
        foreach ($activity->demands as $demand) {
            $occupancy = $this->resources[$demand->resource];
            $held = $demand->throughHold ? $activity->hold : 0;
            $free = $occupancy->conflict($start, $end + $held, $demand->quantity, $work + $held);
            if ($free !== null && ($latest === null || $free > $latest[0])) {
                $latest = [$free, $demand->resource];
            }
        }

        return $latest === null ? null : [$latest[0], $this->reason($activity, ...$latest)];
    }

    /** @return array{int, Reason}|null when a station that is down comes back, for what is under way on it */
    public function down(Activity $activity, int $now): ?array
    {
        $latest = null;
        foreach ($activity->demands as $demand) {
            foreach ($this->outages[$demand->resource] ?? [] as $outage) {
                if ($outage->from <= $now && $now < $outage->to && $outage->to > ($latest[0] ?? 0)) {
                    $latest = [$outage->to, Reason::outage($outage)];
                }
            }
        }

        return $latest;
    }

    public function isFree(string $resource, int $from, int $to): bool
    {
        return $this->resources[$resource]->conflict($from, $to, 1) === null;
    }

    /** The station that a set-up stands on, if only one can use it at a time: of several nobody knows which is set. */
    public function station(SetUp $setUp): ?string
    {
        return $setUp->station !== null && ($this->problem->capacities[$setUp->station] ?? 0) === 1
            ? $setUp->station
            : null;
    }

    public function book(Activity $activity, Assignment $assignment, int $from): void
    {
        foreach ($activity->demands as $demand) {
            $to = $demand->throughHold ? $assignment->finish : $assignment->workEnd;
            ($this->resources[$demand->resource] ?? null)?->book($from, $to, $demand->quantity, $activity->id);
        }
    }

    /** Keeps a station as it is set until somebody goes on with the same setting. */
    public function keepSet(string $station, int $from, int $to, int|string $activity): void
    {
        $this->resources[$station]->book($from, $to, 1, $activity);
    }

    private function reason(Activity $activity, int $free, string $resource): Reason
    {
        foreach ($this->outages[$resource] ?? [] as $outage) {
            if ($outage->to === $free) {
                return Reason::outage($outage);
            }
        }
        $by = $this->resources[$resource]->endingAt($free) ?? '';

        return Reason::resource($resource, $by === '' ? $activity->id : $by);
    }
}
