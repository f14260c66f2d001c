<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Collection;
use Regimen\Costing\JobCost;
use Regimen\Costing\MaterialUse;
use Regimen\Costing\WorkedTime;
use Regimen\Forecast\EarnedValue;
use Regimen\Forecast\Progress;
use Regimen\Schedule\Time\Calendar;
use Regimen\Units\Duration;
use Regimen\Units\Money;

/** How far a build is and what it has cost: wants operations (with worked_minutes and runningClocks) and kit loaded. */
final readonly class BuildProgress
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** In hours. Planned by now comes from the plan that was made when the commission was taken. */
    public function earnedValue(Build $build): EarnedValue
    {
        $now = Minutes::of($this->clock->now());
        $calendar = $this->house->calendar(Minutes::of($build->ordered_at));
        $budget = $planned = $earned = $actual = 0.0;
        // What mends a setback is a loss: it is neither budget nor progress.
        foreach ($build->operations->whereNull('setback_id') as $operation) {
            $work = $operation->workMinutes();
            $worked = $operation->minutesWorkedBy($this->clock->now());
            $budget += $work;
            $planned += $work * $this->plannedShare($operation, $calendar, $now);
            $earned += Progress::earned(
                Duration::ofMinutes($work), Duration::ofMinutes($worked), $operation->state->labourIsDone(),
            )->minutes;
            $actual += $worked;
        }

        return new EarnedValue($budget / 60, $planned / 60, $earned / 60, $actual / 60);
    }

    /** @param  Collection<int, TimeEntry>  $entries  that count, with their operations */
    public function cost(Build $build, Collection $entries): JobCost
    {
        $now = $this->clock->now();
        $time = fn (TimeEntry $entry): WorkedTime => new WorkedTime(
            Duration::ofMinutes($entry->minutes ?? $entry->elapsed($now)),
            $this->house->money($entry->rate_minor),
        );
        $here = $entries->whereNull('piece_id');

        return JobCost::compute(
            $here->reject(self::isLost(...))->map($time),
            $build->kit->map(
                fn (KitLine $line): MaterialUse => new MaterialUse(
                    $this->house->money($line->costMinor()), $line->quantity, $line->used, $line->written_off, $line->surplus,
                ),
            ),
            $this->house->shop()->currency,
            $here->filter(self::isLost(...))->map($time),
        );
    }

    /** Worked on what was spoiled, or on mending it. */
    public static function isLost(TimeEntry $entry): bool
    {
        return $entry->setback_id !== null || $entry->operation->setback_id !== null;
    }

    /** Labour still expected, at the shop's rate: what is not earned yet, at the pace so far. */
    public function labourToCome(EarnedValue $value): Money
    {
        return $this->house->rate()->times($value->toComplete ?? $value->budget - $value->earned);
    }

    private function plannedShare(Operation $operation, Calendar $calendar, int $now): float
    {
        if ($operation->baseline_start === null || $operation->baseline_end === null) {
            return 0.0;
        }
        $from = Minutes::of($operation->baseline_start);
        $to = Minutes::of($operation->baseline_end);
        if ($now <= $from || $now >= $to) {
            return $now >= $to ? 1.0 : 0.0;
        }
        $whole = $calendar->between($from, $to);

        return $whole <= 0 ? 1.0 : max(0.0, min(1.0, $calendar->between($from, $now) / $whole));
    }
}
