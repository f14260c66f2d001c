<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Planning\House\House;
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
     * @param  list<array{int, int}>  $sittings  instants
     * @param  list<array{int, int}>  $hours  of the person on the day
     * @return list<array{int, int}> instants
     */
    public function of(array $sittings, string $day, array $hours): array
    {
        $midnight = new \DateTimeImmutable($day, $this->house->zone());
        $parts = [];
        foreach ($sittings as [$since, $until]) {
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
     * @param  list<array{int, int}>  $sittings  instants
     * @param  list<array{int, int}>  $hours  of the person on the day
     * @return list<non-empty-list<array{int, int}>> instants
     */
    public function inSittings(array $sittings, string $day, array $hours): array
    {
        return array_values(array_filter(array_map(
            fn (array $sitting): array => $this->of([$sitting], $day, $hours), $sittings,
        )));
    }

    /**
     * On all days.
     *
     * @param  list<array{int, int}>  $sittings  instants, one at least
     * @return iterable<array{int, int}>
     */
    public function all(array $sittings, WorkingHours $hours): iterable
    {
        $day = (new \DateTimeImmutable('@'.$sittings[0][0] * 60))->setTimezone($this->house->zone())->setTime(0, 0);
        for (; Minutes::of($day) < $sittings[count($sittings) - 1][1]; $day = $day->modify('+1 day')) {
            yield from $this->of($sittings, $day->format('Y-m-d'), $hours->on($day->format('Y-m-d')));
        }
    }
}
