<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\People\Person;
use App\Pages\LookingBack\HoursOfPerson;
use App\Pages\LookingBack\HoursProps;
use App\Pages\LookingBack\YearLine;
use App\Planning\House\House;
use App\Support\Clock;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Tables;

/** Hours by person and month, for wages. */
final readonly class HoursPage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(?int $asked): HoursProps
    {
        $now = (int) $this->clock->now()->setTimezone($this->house->zone())->format('Y');
        $year = $asked ?? $now;
        $hours = YearHours::of($year);
        $months = array_map(static fn (int $month): string => sprintf('%04d-%02d', $year, $month), range(1, 12));
        $first = (string) DB::table('time_entries')->min('worked_on');
        $people = [];
        $totals = array_fill(0, 12, 0);
        foreach (Person::query()->orderBy('name')->get(['id', 'name']) as $person) {
            $own = $hours[$person->id] ?? [];
            if ($own === []) {
                continue;
            }
            $line = [];
            foreach ($months as $at => $month) {
                $minutes = array_sum($own[$month] ?? []);
                $totals[$at] += $minutes;
                $line[] = $minutes === 0 ? '' : YearHours::words($minutes);
            }
            $kinds = [];
            foreach (YearHours::byKind([$own]) as $kind => $minutes) {
                $kinds[] = new YearLine($kind, YearHours::words($minutes), '', $minutes / 60, 0);
            }
            $people[] = new HoursOfPerson($person->name, $line, YearHours::words(array_sum(YearHours::byKind([$own]))), $kinds);
        }

        return new HoursProps(
            year: $year, years: array_values(array_unique([...range($now, min($now, $first === '' ? $now : (int) substr($first, 0, 4))), $year])), months: $months, people: $people,
            totals: array_map(static fn (int $minutes): string => $minutes === 0 ? '' : YearHours::words($minutes), $totals), total: YearHours::words(array_sum($totals)),
        );
    }

    /** RFC 4180: person, month, kind, whole minutes, hours with two decimals. */
    public function csv(int $year): string
    {
        $names = Person::query()->pluck('name', 'id');
        $rows = [];
        foreach (YearHours::of($year) as $person => $months) {
            ksort($months);
            foreach ($months as $month => $kinds) {
                foreach ($kinds as $kind => $minutes) {
                    $rows[] = [(string) $names->get($person, ''), $month, $kind, (string) $minutes, number_format($minutes / 60, 2, '.', '')];
                }
            }
        }

        return Tables::csv([['person', 'month', 'kind', 'minutes', 'hours'], $rows]);
    }
}
