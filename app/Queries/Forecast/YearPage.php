<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Pages\LookingBack\YearLine;
use App\Pages\LookingBack\YearProps;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Standards\Stage;

/** A year on a page: where the hours went, what was finished, which promises were kept, against the year before. */
final readonly class YearPage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(?int $asked): YearProps
    {
        $now = (int) $this->clock->now()->setTimezone($this->house->zone())->format('Y');
        $year = $asked ?? $now;
        $first = (string) DB::table('time_entries')->min('worked_on');
        $years = range($now, min($now, $first === '' ? $now : (int) substr($first, 0, 4)));
        [$hours, $before] = [YearHours::byKind(YearHours::of($year)), YearHours::byKind(YearHours::of($year - 1))];
        [$builds, $buildsBefore] = [$this->builds($year), $this->builds($year - 1)];
        $all = array_sum($hours);

        return new YearProps(
            year: $year, years: array_values(array_unique([...$years, $year])),
            headline: $all === 0 && $builds['finished'] === 0 ? "Nothing is recorded of {$year}" : Say::count($builds['finished'], 'instrument').' finished in '.YearHours::words($all),
            under: $year === $now ? 'This year so far, against the whole of the year before.' : "The year {$year}, against the year before.",
            hours: self::hourLines($hours, $before), stages: $this->stages($year), counts: $this->counts($builds, $buildsBefore),
        );
    }

    /**
     * @param  array<string, int>  $hours
     * @param  array<string, int>  $before
     * @return list<YearLine>
     */
    private static function hourLines(array $hours, array $before): array
    {
        $lines = [];
        foreach (YearHours::kinds() as $kind => $because) {
            [$now, $then] = [$hours[$kind] ?? 0, $before[$kind] ?? 0];
            if ($now > 0 || $then > 0) {
                $lines[] = new YearLine($kind, YearHours::words($now), YearHours::words($then), $now / 60, $then / 60, $because);
            }
        }

        return $lines;
    }

    /** @return array{finished: int, promised: int, kept: int, late: int, days: float, waited: float} */
    private function builds(int $year): array
    {
        $zone = $this->house->zone();
        $result = ['finished' => 0, 'promised' => 0, 'kept' => 0, 'late' => 0, 'days' => 0.0, 'waited' => 0.0];
        $from = Minutes::toInstant(Minutes::ofDay("{$year}-01-01", $zone));
        $to = Minutes::toInstant(Minutes::ofDay(($year + 1).'-01-01', $zone));
        foreach (Build::query()->where('status', BuildStatus::Finished->value)->where('finished_at', '>=', $from)->where('finished_at', '<', $to)->get(['ordered_at', 'finished_at', 'promised_on']) as $build) {
            $finished = $build->finished_at?->setTimezone($zone)->format('Y-m-d');
            $result['finished']++;
            $result['waited'] += $build->finished_at === null ? 0 : $build->ordered_at->diffInDays($build->finished_at);
            if ($build->promised_on !== null && $finished !== null) {
                $late = (int) (new \DateTimeImmutable($build->promised_on))->diff(new \DateTimeImmutable($finished))->format('%r%a');
                $result['promised']++;
                $result['kept'] += $late <= 0 ? 1 : 0;
                $result['late'] += max(0, $late);
                $result['days'] += $late;
            }
        }

        return $result;
    }

    /**
     * @param  array{finished: int, promised: int, kept: int, late: int, days: float, waited: float}  $now
     * @param  array{finished: int, promised: int, kept: int, late: int, days: float, waited: float}  $before
     * @return list<YearLine>
     */
    private function counts(array $now, array $before): array
    {
        $kept = static fn (array $of): string => $of['promised'] === 0 ? '–' : "{$of['kept']} of {$of['promised']}";
        $mean = static fn (array $of): string => $of['finished'] === 0 ? '–' : Say::figure($of['waited'] / $of['finished'], 0).' days';
        $slack = static fn (array $of): string => $of['promised'] === 0 ? '–' : Say::figure(abs($of['days'] / $of['promised']), 1).' days '.($of['days'] > 0 ? 'after' : 'before');

        return [
            new YearLine('instruments finished', (string) $now['finished'], (string) $before['finished'], $now['finished'], $before['finished']),
            new YearLine('promises kept', $kept($now), $kept($before), $now['kept'], $before['kept'], 'by the promise as it stood last'),
            new YearLine('days late, together', (string) $now['late'], (string) $before['late'], $now['late'], $before['late'], 'calendar days after the promise, of those that were late'),
            new YearLine('handed over', $slack($now), $slack($before), 0, 0, 'on the mean, against the promise'),
            new YearLine('from order to finish', $mean($now), $mean($before), 0, 0, 'on the mean, in days of the calendar'),
        ];
    }

    /** @return list<YearLine> hours on instruments by stage */
    private function stages(int $year): array
    {
        $of = static fn (int $one) => DB::table('time_entries as t')->join('operations as o', 'o.id', '=', 't.operation_id')->whereNull('t.struck_at')->whereNotNull('t.minutes')
            ->whereBetween('t.worked_on', ["{$one}-01-01", "{$one}-12-31"])->groupBy('o.stage')->selectRaw('o.stage, sum(t.minutes) as minutes')->pluck('minutes', 'stage');
        [$now, $before] = [$of($year), $of($year - 1)];
        $lines = [];
        foreach (Stage::cases() as $stage) {
            [$here, $then] = [(int) ($now[$stage->value] ?? 0), (int) ($before[$stage->value] ?? 0)];
            if ($here > 0 || $then > 0) {
                $lines[] = new YearLine($stage->words(), YearHours::words($here), YearHours::words($then), $here / 60, $then / 60);
            }
        }

        return $lines;
    }
}
