<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\Learned\Job;

/** Every operation that is done, with what it was estimated at and what it took: without what was spoiled, and without interruptions, which belong to days. */
final readonly class PastJobs
{
    /** So many of the latest of each standard and tool teach; how it was done ten years ago says little. */
    public const LATEST = 60;

    /**
     * @param  CarbonImmutable  $asOf  as it was known then
     * @return list<Job>
     */
    public function all(CarbonImmutable $asOf): array
    {
        $rows = DB::table('operations as o')
            ->join('builds as b', 'b.id', '=', 'o.build_id')
            ->joinSub(self::hours(), 't', 't.operation_id', '=', 'o.id')
            ->whereNull('o.setback_id')->whereNull('o.piece_id')->where('o.is_away', false)
            ->whereNotNull('o.labour_done_at')->where('o.labour_done_at', '<', $asOf->toDateTimeString())
            ->orderByDesc('o.labour_done_at')->orderByDesc('o.id')
            ->get(['o.standard', 'o.tool', 'o.labour_done_at', 'b.model', 'b.number', 'b.title', 't.person_id', 't.minutes', DB::raw('o.set_up_minutes + o.labour_minutes as planned')]);
        $jobs = $count = [];
        foreach ($rows as $row) {
            $key = "{$row->standard} {$row->tool}";
            $count[$key] = ($count[$key] ?? 0) + 1;
            if ($count[$key] <= self::LATEST) {
                $jobs[] = new Job(
                    (string) $row->standard, (string) $row->tool, (int) $row->person_id, (string) $row->model,
                    max(0.0, CarbonImmutable::parse((string) $row->labour_done_at, 'UTC')->diffInDays($asOf)) / 365.25,
                    (int) $row->planned, (int) $row->minutes, "No. {$row->number} {$row->title}",
                );
            }
        }

        return $jobs;
    }

    /** Hours by operation, and who worked most of them. */
    private static function hours(): Builder
    {
        $byPerson = DB::table('time_entries')->whereNull('struck_at')->whereNotNull('minutes')->whereNull('setback_id')
            ->groupBy('operation_id', 'person_id')->selectRaw('operation_id, person_id, sum(minutes) as own');

        // Beside a maximum SQLite gives the other columns of the row that has it.
        return DB::query()->fromSub($byPerson, 'p')->groupBy('operation_id')->selectRaw('operation_id, sum(own) as minutes, max(own) as most, person_id');
    }
}
