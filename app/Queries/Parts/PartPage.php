<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Pages\Parts\FigureOfPart;
use App\Pages\Parts\LotLine;
use App\Pages\Parts\MovementLine;
use App\Pages\Parts\OfferLine;
use App\Pages\Parts\PartProps;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Parts\PartFigures;
use App\Planning\Parts\Reserved;
use App\Planning\Parts\Usage;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Stores\Stock\Amount;

/** One part: where it lies and what is there, what was measured on it, who sells it, and what became of it. */
final readonly class PartPage
{
    private const MOVEMENTS = 40;

    public function __construct(private House $house, private LeadTimes $leads, private Usage $usage, private Reserved $reserved, private Clock $clock)
    {
    }

    public function data(Part $part, Person $viewer): PartProps
    {
        $part->load(['offers.supplier', 'lots.supplier', 'alternatives']);
        $today = $this->clock->today($this->house->zone());
        $isManager = $viewer->isManager();

        return new PartProps(
            id: $part->id, version: $part->version, name: $part->name, group: $part->group->value, unit: $part->unit, place: $part->place, byUse: $part->by_use,
            least: $part->least === null ? '' : Say::figure(Amount::units($part->least), 3), note: $part->note, priceKey: $part->price_key, kept: $part->gone_at === null,
            free: $part->free($today), reserved: $this->reserved->of($part), coming: $this->reserved->coming($part), reorder: $this->reorder($part),
            lots: $this->lots($part, $isManager, $today),
            offers: array_values($part->offers->map(fn (PartOffer $one): OfferLine => new OfferLine(
                $one->id, $one->supplier_id, $one->supplier->name, $one->number, $isManager ? $this->house->money($one->cost_minor)->plain() : null, $one->lead_days,
                LeadTimes::words('', $this->leads->of($one->supplier->name, $part->group, $one->lead_days)),
            ))->all()),
            figures: self::figures($part), movements: $this->movements($part, $isManager), alternatives: array_values(array_map(intval(...), $part->alternatives->modelKeys())),
            others: self::options(Part::query()->kept()->where('group', $part->group->value)->whereKeyNot($part->id)->orderBy('name')->limit(200)->pluck('name', 'id')->all()),
            suppliers: self::options(Supplier::query()->orderBy('name')->pluck('name', 'id')->all()),
            builds: array_values(Build::query()->open()->orderBy('number')->get()->toBase()->map(static fn (Build $one): Option => new Option((string) $one->number, $one->name()))->all()),
            groups: CataloguePage::groups(), prices: $isManager ? CataloguePage::prices() : [], units: CataloguePage::UNITS, history: $isManager ? $this->history($part) : [],
        );
    }

    private function reorder(Part $part): string
    {
        $at = $this->usage->reorderAt($part);
        $year = $this->usage->aYear($part);
        $used = $year > 0 ? Say::amount(round($year, 1), $part->unit).' used in the last year' : 'nothing used in the last year';

        return $at === null
            ? "Not kept in stock, so that it is ordered for a build only: {$used}."
            : 'Ordered again at '.Say::amount(round($at, 1), $part->unit).": {$used}, at least ".Say::amount(Amount::units((int) $part->least), $part->unit).' are kept, and an order takes its time.';
    }

    /** @return list<LotLine> */
    private function lots(Part $part, bool $withMoney, string $today): array
    {
        $lots = StockLot::query()->with('supplier')->whereBelongsTo($part)->where('left', '>', 0)->orderByRaw('best_before is null, best_before')->orderBy('arrived_on')->orderBy('id')->get();

        return array_values($lots->map(fn (StockLot $one): LotLine => new LotLine(
            $one->id, Amount::units($one->left), $one->arrived_on, $one->supplier->name ?? '', $withMoney ? $this->house->money($one->left_minor)->plain() : null, $one->opened_on, $one->best_before, $one->isOver($today), $one->wrong,
        ))->all());
    }

    /** @return list<FigureOfPart> */
    private static function figures(Part $part): array
    {
        return array_map(static fn (string $field): FigureOfPart => new FigureOfPart(
            $field, PartFigures::label($part->group, $field), $part->figures[$field]['measured'] ?? '', $part->figures[$field]['sheet'] ?? '',
        ), $part->group->figures());
    }

    /** @return list<MovementLine> */
    private function movements(Part $part, bool $withMoney): array
    {
        $movements = StockMovement::query()->with(['person', 'build'])->whereBelongsTo($part)->orderByDesc('id')->limit(self::MOVEMENTS)->get();

        return array_values($movements->map(fn (StockMovement $one): MovementLine => new MovementLine(
            $one->on, $one->kind->words().($one->build === null ? '' : " (No. {$one->build->number})").($one->because === '' || $one->build !== null ? '' : ", {$one->because}"), Amount::units($one->quantity),
            $withMoney ? $this->house->money(abs($one->cost_minor))->plain() : null, $one->person->name,
        ))->all());
    }

    /** @return list<string> what a unit of it cost, by parcel, the latest first */
    private function history(Part $part): array
    {
        $lots = StockLot::query()->with('supplier')->whereBelongsTo($part)->where('quantity', '>', 0)->orderByDesc('id')->limit(12)->get();

        return array_values($lots->map(fn (StockLot $one): string => Say::dayAndYear($one->arrived_on).': '.$this->house->money((int) round($one->cost_minor / Amount::units($one->quantity)))->plain()." a {$part->unit}".($one->supplier === null ? '' : ", {$one->supplier->name}"))->all());
    }

    /**
     * @param  array<int|string, mixed>  $names
     * @return list<Option>
     */
    private static function options(array $names): array
    {
        return array_map(static fn (int|string $id, mixed $name): Option => new Option((string) $id, is_string($name) ? $name : ''), array_keys($names), array_values($names));
    }
}
