<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\People\AwayKind;
use App\Support\Say;
use Illuminate\Support\Facades\DB;

/** Minutes by kind, by person and month: on builds, on their set-ups, on rework, lost, and on what belongs to no instrument. */
final class YearHours
{
    public const BUILDING = 'building';

    public const SET_UP = 'set-up';

    public const REWORK = 'rework';

    public const LOST = 'lost';

    public const INTERRUPTED = 'interrupted';

    /** @return array<string, string> kinds in the order in which they are told, with what each means */
    public static function kinds(): array
    {
        $kinds = [
            self::BUILDING => 'labour on instruments, set-ups aside',
            self::SET_UP => 'setting up: of the hours on an operation the share that is estimated for its set-up',
            self::REWORK => 'mending and doing again what went wrong',
            self::LOST => 'worked on what was spoiled',
        ];
        foreach (AwayKind::cases() as $kind) {
            if ($kind !== AwayKind::Off) {
                $kinds[$kind->value] = $kind->words();
            }
        }

        return [...$kinds, self::INTERRUPTED => 'customers, the telephone, deliveries, machines: what was noted between two works'];
    }

    /** Many hours as a year is told: whole ones; few as any others. */
    public static function words(int $minutes): string
    {
        return $minutes < 600 ? Say::duration($minutes) : number_format($minutes / 60).' h';
    }

    /**
     * @return array<int, array<string, array<string, int>>> minutes by person, month YYYY-MM and kind
     */
    public static function of(int $year): array
    {
        $from = sprintf('%04d-01-01', $year);
        $to = sprintf('%04d-12-31', $year);
        $hours = [];
        $entries = DB::table('time_entries as t')->join('operations as o', 'o.id', '=', 't.operation_id')->whereNull('t.struck_at')->whereNotNull('t.minutes')->whereBetween('t.worked_on', [$from, $to])
            ->groupByRaw('1, 2, 3')->selectRaw("t.person_id, substr(t.worked_on, 1, 7) as month, case when t.setback_id is not null then 'lost' when o.setback_id is not null then 'rework' else 'building' end as kind,
                sum(t.minutes) as minutes, sum(case when t.setback_id is null and o.setback_id is null then t.minutes * 1.0 * o.set_up_minutes / max(1, o.set_up_minutes + o.labour_minutes) else 0 end) as setting_up")->get();
        foreach ($entries as $row) {
            $setUp = (int) round((float) $row->setting_up);
            self::add($hours, (int) $row->person_id, (string) $row->month, (string) $row->kind, (int) $row->minutes - $setUp);
            self::add($hours, (int) $row->person_id, (string) $row->month, self::SET_UP, $setUp);
        }
        $away = DB::table('days_off')->whereBetween('date', [$from, $to])->where('kind', '!=', AwayKind::Off->value)->whereNotNull('from_minute')
            ->groupByRaw('1, 2, 3')->selectRaw('person_id, substr(date, 1, 7) as month, kind, sum(to_minute - from_minute) as minutes')->get();
        $between = DB::table('interruptions')->whereBetween('day', [$from, $to])->whereNotNull('minutes')
            ->groupByRaw('1, 2')->selectRaw("person_id, substr(day, 1, 7) as month, 'interrupted' as kind, sum(minutes) as minutes")->get();
        foreach ([...$away, ...$between] as $row) {
            self::add($hours, (int) $row->person_id, (string) $row->month, (string) $row->kind, (int) $row->minutes);
        }

        return $hours;
    }

    /**
     * @param  array<int, array<string, array<string, int>>>  $hours
     * @return array<string, int> minutes by kind
     */
    public static function byKind(array $hours): array
    {
        $kinds = [];
        foreach ($hours as $months) {
            foreach ($months as $all) {
                foreach ($all as $kind => $minutes) {
                    $kinds[$kind] = ($kinds[$kind] ?? 0) + $minutes;
                }
            }
        }

        return $kinds;
    }

    /** @param  array<int, array<string, array<string, int>>>  $hours */
    private static function add(array &$hours, int $person, string $month, string $kind, int $minutes): void
    {
        if ($minutes > 0) {
            $hours[$person][$month][$kind] = ($hours[$person][$month][$kind] ?? 0) + $minutes;
        }
    }
}
