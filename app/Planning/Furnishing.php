<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\FinishStandard as FinishStandardModel;
use App\Models\OperationStandard;
use App\Models\Price as PriceModel;
use App\Models\Resource;
use App\Models\Shop;
use Regimen\Costing\StarterPrices;
use Regimen\Route\FinishStandard;
use Regimen\Route\Standard;
use Regimen\Route\TradeStandards;

/** What a shop starts from. A shop that is open already gets what it lacks; nothing that it has is touched. */
final class Furnishing
{
    private const STATIONS = [
        'drawing-table' => ['drawing table', 1], 'saw-and-planer' => ['saw and planer', 1], 'router-table' => ['router table', 1],
        'drill-press' => ['drill press', 1], 'neck-bench' => ['neck bench', 1], 'fret-bench' => ['fret bench', 1],
        'spray-booth' => ['spray booth', 1], 'electronics-bench' => ['electronics bench', 1], 'set-up-bench' => ['set-up bench', 1],
        TradeStandards::MACHINE => ['machine router', 0],
    ];

    private const FIXTURES = [
        'neck-clamps' => ['neck clamps', 1], 'headstock-clamps' => ['headstock clamps', 2], 'flat-beam' => ['flat beam', 1],
        'body-clamps' => ['body clamps', 2], 'joint-clamp' => ['joint clamp', 1], 'hanging-rail' => ['hanging rail', 8],
        'settling-rack' => ['settling rack', 4],
    ];

    public function complete(): void
    {
        foreach (['station' => self::STATIONS, 'fixture' => self::FIXTURES] as $kind => $resources) {
            foreach ($resources as $key => [$name, $capacity]) {
                Resource::query()->firstOrCreate(['key' => $key], ['kind' => $kind, 'name' => $name, 'capacity' => $capacity]);
            }
        }
        $this->standards();
        $this->prices();
    }

    private function standards(): void
    {
        $known = OperationStandard::query()->where('usual', true)->where('tool', 'hand')->where('way', '')->get()->keyBy('key');
        $there = OperationStandard::query()->get()->map(static fn (OperationStandard $row): string => "{$row->key} {$row->tool}")->flip();
        foreach (TradeStandards::all()->operations() as $standard) {
            $own = $known->get($standard->key);
            if ($own !== null && $standard->usual) {
                // From before there were several ways: the house's figures stay, the way is the trade's.
                $own->update(['tool' => $standard->tool->value, 'way' => $standard->way, 'hold_kind' => $standard->holdKind?->value, 'driver' => $standard->driver?->value, 'fixed_percent' => $standard->fixedPercent]);
            } elseif (! $there->has("{$standard->key} {$standard->tool->value}")) {
                OperationStandard::query()->create(self::standardRow($standard));
            }
        }
        foreach (TradeStandards::all()->finishes() as $finish) {
            FinishStandardModel::query()->firstOrCreate(['system' => $finish->system->value], self::finishRow($finish));
        }
    }

    private function prices(): void
    {
        $known = PriceModel::query()->pluck('key')->flip();
        foreach (StarterPrices::in(Shop::current()->currency)->all() as $price) {
            if (! $known->has($price->key)) {
                PriceModel::query()->create(['key' => $price->key, 'name' => $price->name, 'unit' => $price->unit, 'cost_minor' => $price->cost->minor, 'lead_days' => $price->leadDays, 'supplier' => $price->supplier]);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function standardRow(Standard $standard): array
    {
        return [
            'key' => $standard->key, 'name' => $standard->name, 'stage' => $standard->stage->value,
            'set_up_minutes' => $standard->setUp->minutes, 'labour_minutes' => $standard->hours->likely->minutes,
            'best_minutes' => $standard->hours->best->minutes, 'worst_minutes' => $standard->hours->worst->minutes,
            'hold_minutes' => $standard->hold->minutes, 'hold_kind' => $standard->holdKind?->value,
            'skill' => $standard->skill->value, 'station' => $standard->station, 'fixture' => $standard->fixture, 'fixtures' => $standard->fixtures,
            'one_sitting' => $standard->oneSitting, 'caution' => $standard->caution?->value,
            'tool' => $standard->tool->value, 'way' => $standard->way, 'usual' => $standard->usual,
            'driver' => $standard->driver?->value, 'fixed_percent' => $standard->fixedPercent, 'risk' => $standard->risk,
        ];
    }

    /** @return array<string, mixed> */
    private static function finishRow(FinishStandard $standard): array
    {
        return [
            'system' => $standard->system->value, 'body_coats' => $standard->bodyCoats, 'neck_coats' => $standard->neckCoats, 'coats_a_day' => $standard->coatsADay,
            'after_first_minutes' => $standard->afterFirst->minutes, 'between_coats_minutes' => $standard->betweenCoats->minutes,
            'overnight_minutes' => $standard->overnight->minutes, 'cure_minutes' => $standard->cure->minutes, 'window_minutes' => $standard->window?->minutes,
        ];
    }
}
