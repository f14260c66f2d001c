<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use App\Pages\Buying\FitLine;
use App\Pages\Buying\WrongPart;
use App\Planning\House\House;
use App\Planning\Parts\PartFigures;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;

/** Parts that are wrong, and where they could be fitted nevertheless. */
final readonly class WrongLines
{
    /** Kits that are judged for one part; it costs a look at each instrument. */
    private const JUDGED = 6;

    public function __construct(private House $house)
    {
    }

    /** @return list<WrongPart> */
    public function all(Person $viewer): array
    {
        $lots = StockLot::query()->with(['part', 'supplier', 'parcelLine.line'])->where('left', '>', 0)->where('wrong', '<>', '')->orderBy('id')->get();
        if ($lots->isEmpty()) {
            return [];
        }
        $lines = KitLine::query()->with('build.specification')->where('state', KitState::Needed->value)->where('surplus', false)->whereIn('build_id', Build::query()->open()->select('id'))
            ->whereIn('group', $lots->map(static fn (StockLot $one): string => $one->part->group->value)->unique())->orderBy('build_id')->orderBy('id')->get();

        return array_values($lots->map(fn (StockLot $lot): WrongPart => new WrongPart(
            lot: $lot->id, name: $lot->part->name, quantity: Amount::units($lot->left), unit: $lot->part->unit, because: $lot->wrong, supplier: $lot->supplier->name ?? '', order: $lot->parcelLine?->line->part_order_id,
            cost: $viewer->isManager() ? $this->house->money($lot->left_minor)->plain() : null, known: self::known($lot->part), fits: $this->fits($lot, $lines),
        ))->all());
    }

    /** @return list<string> */
    private static function known(Part $part): array
    {
        $known = [];
        foreach ($part->figures as $field => $values) {
            $known[] = PartFigures::label($part->group, $field).' '.($values['measured'] ?? ($values['sheet'] ?? '').' (data sheet)');
        }

        return $known;
    }

    /**
     * @param  Collection<int, KitLine>  $lines
     * @return list<FitLine>
     */
    private function fits(StockLot $lot, Collection $lines): array
    {
        return array_values($lines->filter(static fn (KitLine $one): bool => $one->group === $lot->part->group && $one->unit === $lot->part->unit)->take(self::JUDGED)->map(
            static fn (KitLine $one): FitLine => new FitLine(
                $one->id, $one->version, $one->build->number, $one->build->title, min($one->quantity, Amount::units($lot->left)), PartFigures::consequences($lot->part, $one->build, (int) ceil($one->quantity)),
            ),
        )->all());
    }
}
