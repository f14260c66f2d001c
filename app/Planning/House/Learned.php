<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\House\OperationStandard;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\Learning;
use Regimen\Units\Duration;

/** What recorded hours of operations that are done say about the house standards. */
final class Learned
{
    /** So many of its latest jobs teach a standard: how it was done ten years ago says little, and need not be read again every day. */
    private const LATEST = 'o.id in (select j.id from operation_standards s join operations j on j.id in (
        select k.id from operations k where k.standard = s.key and k.tool = s.tool and k.labour_done_at is not null order by k.labour_done_at desc limit 40
    ))';

    /**
     * @param  Collection<int, OperationStandard>  $standards
     * @return array<string, Learning> by standard and tool
     */
    public function byStandard(Collection $standards): array
    {
        $worked = [];
        foreach ($this->jobs() as $job) {
            $worked["{$job->standard} {$job->tool}"][] = [(int) $job->worked, (int) $job->planned];
        }
        $learned = [];
        foreach ($standards as $standard) {
            $planned = $standard->set_up_minutes + $standard->labour_minutes;
            // An instrument with more frets takes longer; it counts as what it says about the usual one.
            $minutes = array_map(
                static fn (array $job): int => (int) round($job[0] * $planned / max(1, $job[1]))
                    - $standard->set_up_minutes,
                $worked["{$standard->key} {$standard->tool->value}"] ?? [],
            );
            $lesson = Learning::learn(Duration::ofMinutes($standard->labour_minutes), $minutes);
            if ($lesson !== null) {
                $learned["{$standard->key} {$standard->tool->value}"] = $lesson;
            }
        }

        return $learned;
    }

    /** @return list<object{standard: string, tool: string, worked: int|string, planned: int|string}> */
    private function jobs(): array
    {
        /** @var list<object{standard: string, tool: string, worked: int|string, planned: int|string}> */
        return DB::table('operations as o')
            ->join('time_entries as t', 't.operation_id', '=', 'o.id')
            ->whereRaw(self::LATEST)
            ->whereNull('t.struck_at')->whereNotNull('t.minutes')->whereNull('t.setback_id')->whereNull('o.setback_id')
            ->whereNotNull('o.labour_done_at')
            ->groupBy('o.id', 'o.standard', 'o.tool', 'o.set_up_minutes', 'o.labour_minutes')
            ->get(
                [
                    'o.standard', 'o.tool', DB::raw('sum(t.minutes) as worked'),
                    DB::raw('o.set_up_minutes + o.labour_minutes as planned'),
                ],
            )
            ->values()->all();
    }
}
