<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Pages\LookingBack\ProgressWeek;
use App\Planning\House\House;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Forecast\EarnedSchedule;
use Regimen\Forecast\Progress;
use Regimen\Units\Duration;

/** Planned, earned and worked hours, week by week, added up. */
final readonly class ProgressWeeks
{
    private const MOST = 120;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * @param  Collection<int, Build>  $builds  with operations (and worked_minutes, runningClocks)
     * @return list<ProgressWeek> from the first week until the plan is over, and today
     */
    public function of(Collection $builds, ?CarbonImmutable $until): array
    {
        if ($builds->isEmpty()) {
            return [];
        }
        $now = $this->clock->now();
        $zone = $this->house->zone();
        $operations = $builds->flatMap(static fn (Build $build) => $build->operations->whereNull('setback_id'));
        $start = CarbonImmutable::instance($builds->min('ordered_at'))->setTimezone($zone)->startOfWeek();
        $last = collect([$now, $until, $operations->max('baseline_end'), $operations->max('labour_done_at')])->filter()->max();
        $worked = DB::table('time_entries as t')->join('operations as o', 'o.id', '=', 't.operation_id')->whereIn('o.build_id', $builds->modelKeys())->whereNull('o.setback_id')
            ->whereNull('t.setback_id')->whereNull('t.piece_id')->whereNull('t.struck_at')->whereNotNull('t.minutes')->groupBy('t.worked_on')->selectRaw('t.worked_on as day, sum(t.minutes) as minutes')->orderBy('day')->pluck('minutes', 'day');
        $weeks = [];
        for ($end = $start->addWeek(); count($weeks) < self::MOST; $end = $end->addWeek()) {
            $cut = $end->min($now);
            $planned = $operations->sum(static fn (Operation $one): int => $one->baseline_end !== null && $one->baseline_end <= $end ? $one->workMinutes() : 0);
            $isToCome = $end->subWeek() > $now;
            $earned = $isToCome ? null : $operations->sum(static fn (Operation $one): int => self::earnedBy($one, $cut, $now));
            $day = $cut->setTimezone($zone)->format('Y-m-d');
            $weeks[] = new ProgressWeek(
                $cut === $end || $isToCome ? $end->format('Y-m-d') : $end->format('Y-m-d'), round($planned / 60, 2), $earned === null ? null : round($earned / 60, 2),
                $isToCome ? null : round($worked->filter(static fn (mixed $minutes, string $on): bool => $on <= $day)->sum() / 60, 2),
            );
            if ($end > $last) {
                break;
            }
        }

        return $weeks;
    }

    /**
     * @param  list<ProgressWeek>  $weeks
     * @param  float  $earned  hours by now
     */
    public function earned(array $weeks, float $earned): ?EarnedSchedule
    {
        $planned = array_map(static fn (ProgressWeek $one): float => $one->planned, $weeks);
        if ($planned === [] || max($planned) <= 0) {
            return null;
        }
        $first = CarbonImmutable::parse($weeks[0]->end, $this->house->zone())->subWeek();
        $passed = $first->diffInDays($this->clock->now()) / 7;

        return $passed <= 0 ? null : EarnedSchedule::of($planned, $earned, $passed);
    }

    private static function earnedBy(Operation $one, CarbonImmutable $cut, CarbonImmutable $now): int
    {
        if ($one->labour_done_at !== null) {
            return $one->labour_done_at <= $cut ? $one->workMinutes() : 0;
        }

        return $cut < $now ? 0 : Progress::earned(Duration::ofMinutes($one->workMinutes()), Duration::ofMinutes($one->minutesWorkedBy($now)), $one->state->labourIsDone())->minutes;
    }
}
