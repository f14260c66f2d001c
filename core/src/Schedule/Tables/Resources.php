<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;

/** Stations, fixtures, pieces and the air of a problem, counted from 0. */
final class Resources
{
    /** @var list<string> */
    public readonly array $names;

    /** @var list<int> */
    public readonly array $capacities;

    /** @var array<string, int> by name */
    public readonly array $index;

    /** @var list<list<Outage>> by resource */
    public readonly array $outages;

    /** @var list<array{int, int}> what is asked for: a resource, and how much of it */
    public array $needs = [];

    /** @var list<list<int>> needs, by resource */
    public array $needsOf;

    public function __construct(private readonly Problem $problem)
    {
        $this->names = array_map(strval(...), array_keys($problem->capacities));
        $this->capacities = array_values($problem->capacities);
        $this->index = array_flip($this->names);
        $outages = array_fill(0, count($this->names), []);
        foreach ($problem->outages as $outage) {
            if (isset($this->index[$outage->resource])) {
                $outages[$this->index[$outage->resource]][] = $outage;
            }
        }
        $this->outages = $outages;
        $this->needsOf = array_fill(0, count($this->names), []);
    }

    /** The number of a need, which it gets when it is first asked for. */
    public function need(int $resource, int $quantity): int
    {
        foreach ($this->needsOf[$resource] as $need) {
            if ($this->needs[$need][1] === $quantity) {
                return $need;
            }
        }
        $this->needs[] = [$resource, $quantity];

        return $this->needsOf[$resource][] = count($this->needs) - 1;
    }

    /** @return list<array{int, int, int, bool}> of what there is: need, resource, quantity, whether through the hold */
    public function demands(Activity $activity): array
    {
        $demands = [];
        foreach ($activity->demands as $demand) {
            if (isset($this->index[$demand->resource])) {
                $resource = $this->index[$demand->resource];
                $demands[] = [
                    $this->need($resource, $demand->quantity), $resource, $demand->quantity, $demand->throughHold,
                ];
            }
        }

        return $demands;
    }

    /** What is needed and not owned, in words with the mend; null if all of it is there. */
    public function lacking(Activity $activity): ?string
    {
        foreach ($activity->demands as $demand) {
            $owned = $this->problem->capacities[$demand->resource] ?? 0;
            if ($demand->quantity > $owned) {
                $name = preg_replace('/^r:/', '', $demand->resource);

                return "It needs {$demand->quantity} of “{$name}”; the shop has {$owned}. Change the house standard, "
                    .'or how many there are.';
            }
        }

        return null;
    }

    public function isDownUntil(int $resource, int $instant): bool
    {
        foreach ($this->outages[$resource] as $outage) {
            if ($outage->to === $instant) {
                return true;
            }
        }

        return false;
    }

    /** When a resource that is down at an instant comes back; 0 if it is not down. */
    public function backFrom(int $resource, int $instant): int
    {
        $latest = 0;
        foreach ($this->outages[$resource] as $outage) {
            if ($outage->from <= $instant && $instant < $outage->to) {
                $latest = max($latest, $outage->to);
            }
        }

        return $latest;
    }

    /** A station of which there is only one: of several nobody knows which is set. */
    public function alone(?string $station): ?int
    {
        return $station !== null && ($this->problem->capacities[$station] ?? 0) === 1 ? $this->index[$station] : null;
    }
}
