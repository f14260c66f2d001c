<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Build\BuildStatus;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Pages\Today\BudgetInDanger;
use App\Planning\House\House;
use App\Support\Say;

/** Of which builds the hours or the money that are set for them will not do, by the newest forecast. */
final readonly class Budgets
{
    public function __construct(private House $house)
    {
    }

    /** @return list<BudgetInDanger> by number */
    public function inDanger(): array
    {
        $wanted = $this->house->shop()->promise_chance;
        $lines = [];
        $forecasts = BuildForecast::query()->where('forecast_id', Forecast::newestId())->where(static fn ($query) => $query->where('hours_within', '<', $wanted)->orWhere('cost_within', '<', $wanted))
            ->whereRelation('build', 'status', BuildStatus::Open->value)->with('build:id,number,title,budget_minutes,budget_minor')->orderBy('build_id')->get();
        foreach ($forecasts as $one) {
            $words = array_filter([
                $one->hours_within === null || $one->hours_within >= $wanted || $one->build->budget_minutes === null ? '' : Say::duration($one->build->budget_minutes).' '.self::held($one->hours_within),
                $one->cost_within === null || $one->cost_within >= $wanted || $one->build->budget_minor === null ? '' : $this->house->money($one->build->budget_minor).' '.self::held($one->cost_within),
            ]);
            $lines[] = new BudgetInDanger($one->build->number, $one->build->title, implode(', ', $words).($one->breaks === '' ? '' : "; {$one->breaks} will break it first"));
        }

        return $lines;
    }

    private static function held(int $thousandths): string
    {
        return $thousandths < 500 ? 'will not do, but in '.intdiv($thousandths, 10).' of 100' : 'will do in '.intdiv($thousandths, 10).' of 100 only';
    }
}
