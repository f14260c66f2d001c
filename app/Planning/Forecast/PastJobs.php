<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\Learned\Job;

/** Operations that are done, with what they were estimated at and what they took: without what was spoiled, and without interruptions, which belong to days. */
final class PastJobs
{
    /**
     * So many of its latest jobs teach a standard: how it was done ten years ago says little, and need not be read again every day. Hours
     * are added up for these alone; beside a maximum SQLite gives the other columns of the row that has it.
     */
    private const LATEST = 'select o.standard, o.tool, o.labour_done_at, o.set_up_minutes + o.labour_minutes as planned, b.model, b.number, b.title, h.minutes, h.person_id
        from operations o join builds b on b.id = o.build_id join (
            select operation_id, sum(own) as minutes, max(own) as most, person_id from (
                select t.operation_id, t.person_id, sum(t.minutes) as own from time_entries t
                where t.struck_at is null and t.minutes is not null and t.setback_id is null and t.operation_id in (
                    select j.id from operation_standards s join operations j on j.id in (
                        select k.id from operations k where k.standard = s.key and k.tool = s.tool and k.labour_done_at < ? order by k.labour_done_at desc limit 40
                    )
                ) group by t.operation_id, t.person_id
            ) group by operation_id
        ) h on h.operation_id = o.id
        where o.setback_id is null and o.piece_id is null and o.is_away = 0
        order by o.labour_done_at desc, o.id desc';

    /**
     * @param  CarbonImmutable  $asOf  as it was known then
     * @return list<Job> the latest first
     */
    public function all(CarbonImmutable $asOf): array
    {
        $jobs = [];
        foreach (DB::select(self::LATEST, [$asOf->toDateTimeString()]) as $row) {
            $jobs[] = new Job(
                (string) $row->standard, (string) $row->tool, (int) $row->person_id, (string) $row->model,
                max(0.0, ($asOf->getTimestamp() - (int) strtotime("{$row->labour_done_at} UTC")) / 31_557_600),
                (int) $row->planned, (int) $row->minutes, "No. {$row->number} {$row->title}",
            );
        }

        return $jobs;
    }
}
