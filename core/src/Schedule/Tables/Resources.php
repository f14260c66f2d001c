<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\NoWorkingTime;

/** Stations, fixtures, pieces and the air of a problem, counted from 0. */
final class Resources
{
    /** Hours of its own are laid out for so many minutes. */
    private const AHEAD = 1_051_200;

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

    /** @var array<int, list<array{int, int}>> by need for a resource within its own hours: when it is open, from now on */
    public array $open = [];

    /** @var array<int, int> by resource with hours of its own: the need for it */
    private array $hours = [];

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
        foreach (array_intersect_key($problem->hours, $this->index) as $name => $calendar) {
            $this->needs[] = [$this->index[$name], 0];
            $need = count($this->needs) - 1;
            $this->hours[$this->index[$name]] = $need;
            $this->open[$need] = self::stretches($calendar, $problem->now);
        }
    }

    /** The longest stretch in which everything is open that an activity is worked at; null where nothing has hours. */
    public function longestOpen(Activity $activity): ?int
    {
        $longest = null;
        foreach ($activity->demands as $demand) {
            $need = $this->hours[$this->index[$demand->resource] ?? -1] ?? null;
            if ($need !== null) {
                $lengths = array_map(static fn (array $one): int => $one[1] - $one[0], $this->open[$need]);
                array_pop($lengths);
                $longest = min($longest ?? PHP_INT_MAX, max([0, ...$lengths]));
            }
        }

        return $longest;
    }

    /** Whether an instant lies so far ahead that nobody knows what is open then. */
    public function isBeyond(int $instant): bool
    {
        return $instant >= $this->problem->now + self::AHEAD;
    }

    /** Whether a resource is opened at an instant, by its own hours. */
    public function opensAt(int $resource, int $instant): bool
    {
        foreach ($this->open[$this->hours[$resource] ?? -1] ?? [] as [$from]) {
            if ($from === $instant) {
                return true;
            }
        }

        return false;
    }

    /** When a resource is open at an instant or after it. */
    public function openFrom(int $resource, int $instant): int
    {
        return $this->openStretch($resource, $instant)[0];
    }

    /** @return array{int, int} the first stretch from an instant on in which a resource is open */
    public function openStretch(int $resource, int $instant): array
    {
        $open = $this->open[$this->hours[$resource] ?? -1] ?? [];
        $low = 0;
        $high = count($open);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($open[$middle][1] <= $instant) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if (isset($open[$low])) {
            return [max($open[$low][0], $instant), $open[$low][1]];
        }

        return [$instant, PHP_INT_MAX];
    }

    /**
     * Two years ahead; after that nobody knows, and it is taken to be open.
     *
     * @return non-empty-list<array{int, int}>
     */
    private static function stretches(Calendar $calendar, int $now): array
    {
        $stretches = [];
        $index = $calendar->stretchAfter($now);
        try {
            for ($to = $now; $to < $now + self::AHEAD; $index++) {
                [$from, $to] = $calendar->stretchAt($index);
                $last = count($stretches) - 1;
                if ($last >= 0 && $stretches[$last][1] === $from) {
                    $stretches[$last] = [$stretches[$last][0], $to];
                } else {
                    $stretches[] = [$from, $to];
                }
            }
        } catch (NoWorkingTime) {
        }

        return [...$stretches, [$now + 2 * self::AHEAD, PHP_INT_MAX]];
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
                if (isset($this->hours[$resource]) && $activity->work > 0) {
                    $demands[] = [$this->hours[$resource], $resource, 0, false];
                }
            }
        }

        return $demands;
    }

    /** What is needed and not owned, in words with the fix; null if all of it is there. */
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
        $open = $activity->oneSitting ? $this->longestOpen($activity) : null;
        if ($open !== null && $open < $activity->work) {
            return 'It is done in one sitting, and what it needs is never open for that long. Change its hours under '
                .'House, or split the operation.';
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
