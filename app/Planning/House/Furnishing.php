<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\Build\KitLine;
use App\Models\House\FinishStandard as FinishStandardModel;
use App\Models\House\OperationStandard;
use App\Models\House\Price as PriceModel;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Planning\Parts\Catalogue;
use Regimen\Costing\StarterPrices;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Standards\Fixture;
use Regimen\Route\Standards\Station;

/** What a shop starts from. A shop that is open already gets what it lacks; nothing that it has is touched. */
final class Furnishing
{
    public function complete(): void
    {
        foreach (['station' => Station::cases(), 'fixture' => Fixture::cases()] as $kind => $resources) {
            foreach ($resources as $resource) {
                Resource::query()->firstOrCreate(
                    ['key' => $resource->value],
                    ['kind' => $kind, 'name' => $resource->words(), 'capacity' => $resource->capacity()],
                );
            }
        }
        $this->standards();
        $this->prices();
        $this->suppliers();
    }

    /** Whoever is named in a price or a kit can be written to, once there is an address. */
    private function suppliers(): void
    {
        $named = PriceModel::query()->where('lead_days', '>', 0)->distinct()->pluck('supplier')->merge(KitLine::query()->where('lead_days', '>', 0)->distinct()->pluck('supplier'));
        foreach ($named->unique()->sort() as $name) {
            Catalogue::supplier((string) $name);
        }
    }

    private function standards(): void
    {
        $known = OperationStandard::query()
            ->where('usual', true)
            ->where('tool', 'hand')
            ->where('way', '')
            ->get()
            ->keyBy('key');
        $there = OperationStandard::query()
            ->get()
            ->map(static fn (OperationStandard $row): string => "{$row->key} {$row->tool->value}")
            ->flip();
        foreach (TradeStandards::all()->operations() as $standard) {
            $own = $known->get($standard->key);
            if ($own !== null && $standard->usual) {
                // From before there were several ways: the house's figures stay, the way is the trade's.
                $own->update(
                    [
                        'tool' => $standard->tool, 'way' => $standard->way, 'hold_kind' => $standard->holdKind,
                        'driver' => $standard->driver, 'fixed_percent' => $standard->fixedPercent,
                    ],
                );
            } elseif (! $there->has("{$standard->key} {$standard->tool->value}")) {
                OperationStandard::query()->create(StandardRecords::row($standard));
            }
        }
        foreach (TradeStandards::all()->finishes() as $finish) {
            FinishStandardModel::query()->firstOrCreate(
                ['system' => $finish->system->value], StandardRecords::finishRow($finish),
            );
        }
    }

    private function prices(): void
    {
        $known = PriceModel::query()->pluck('key')->flip();
        foreach (StarterPrices::in(Shop::current()->currency)->all() as $price) {
            if (! $known->has($price->key)) {
                PriceModel::query()->create(
                    [
                        'key' => $price->key, 'name' => $price->name, 'unit' => $price->unit,
                        'cost_minor' => $price->cost->minor, 'lead_days' => $price->leadDays,
                        'supplier' => $price->supplier,
                    ],
                );
            }
        }
    }
}
