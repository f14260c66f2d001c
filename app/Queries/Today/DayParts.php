<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Planning\House\House;
use App\Queries\Plan\Placement;
use App\Support\Minutes;
use Regimen\Schedule\Time\WorkingHours;

/**
 * The stretches of a day in which somebody is really at an operation: within their hours, between its start and end.
 */
final readonly class DayParts
{
    public function __construct(private House $house)
    {
    }

    /**
     * @param  list<array{int, int}>  $hours  of the person on the day
     * @return list<array{int, int}> instants
     */
    public function of(Placement $one, string $day, array $hours): array
    {
        $midnight = new \DateTimeImmutable($day, $this->house->zone());
        $parts = [];
        foreach ($one->sittings() as [$since, $until]) {
            foreach ($hours as [$from, $to]) {
                $begin = max($since, Minutes::of($midnight->setTime(intdiv($from, 60), $from % 60)));
                $end = min($until, Minutes::of($midnight->setTime(intdiv($to, 60), $to % 60)));
                if ($end > $begin) {
                    $parts[] = [$begin, $end];
                }
            }
        }

        return $parts;
    }

    /**
     * Of each sitting in which it is worked at on that day.
     *
     * @param  list<array{int, int}>  $hours  of the person on the day
     * @return list<non-empty-list<array{int, int}>> instants
     */
    public function inSittings(Placement $one, string $day, array $hours): array
    {
        $sittings = [];
        foreach ($one->sittings() as $index => [$since, $until]) {
            foreach ($this->of($one, $day, $hours) as $part) {
                if ($part[0] >= $since && $part[1] <= $until) {
                    $sittings[$index][] = $part;
                }
            }
        }

        return array_values($sittings);
    }

    /**
     * On all days.
     *
     * @return iterable<array{int, int}>
     */
    public function all(Placement $one, WorkingHours $hours): iterable
    {
        $day = (new \DateTimeImmutable('@'.(int) $one->start * 60))->setTimezone($this->house->zone())->setTime(0, 0);
        for (; Minutes::of($day) < (int) $one->workEnd; $day = $day->modify('+1 day')) {
            yield from $this->of($one, $day->format('Y-m-d'), $hours->on($day->format('Y-m-d')));
        }
    }
}
