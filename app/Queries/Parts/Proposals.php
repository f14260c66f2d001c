<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Parts\PartOffer;
use App\Pages\Buying\ProposedLine;
use App\Pages\Buying\ProposedOrder;
use App\Planning\House\House;
use App\Planning\Parts\NeededDays;
use App\Planning\Parts\Wanted;
use App\Support\Clock;
use App\Support\Say;

/** What is proposed to be ordered, by supplier, with the last day for each. */
final readonly class Proposals
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<ProposedOrder> the most urgent first
     */
    public function of(array $wanted): array
    {
        $bySupplier = [];
        foreach ($wanted as $one) {
            $one->supplier === null || $bySupplier[$one->supplier->id][] = $one;
        }

        return array_values(array_map($this->order(...), $bySupplier));
    }

    /** @param  non-empty-list<Wanted>  $wanted */
    private function order(array $wanted): ProposedOrder
    {
        $supplier = $wanted[0]->supplier ?? throw new \LogicException('They were grouped by it.');
        $today = $this->clock->today($this->house->zone());
        $days = max(array_map(static fn (Wanted $one): int => $one->offer->days ?? 0, $wanted));
        $goods = array_sum(array_map(static fn (Wanted $one): int => $one->offer->cost ?? 0, $wanted));
        $last = array_filter(array_map(static fn (Wanted $one): ?string => $one->orderBy, $wanted));

        return new ProposedOrder(
            supplier: $supplier->id, name: $supplier->name, reachable: $supplier->canBeReached(), days: $days, expectedOn: NeededDays::before($today, -$days), orderBy: $last === [] ? null : min($last),
            expressOn: $supplier->express_days === null ? null : NeededDays::before($today, -$supplier->express_days), express: $this->house->money($supplier->express_minor)->plain(),
            freight: $this->house->money($supplier->freight_minor)->plain(), total: $this->house->money($goods + $supplier->freight_minor)->plain(),
            lines: array_map(fn (Wanted $one): ProposedLine => $this->line($one, $today), $wanted),
        );
    }

    private function line(Wanted $one, string $today): ProposedLine
    {
        $offer = $one->part?->offers->firstWhere('supplier_id', $one->offer?->supplier);
        $others = $one->part === null ? [] : $one->part->offers->reject(static fn (PartOffer $other): bool => $other->supplier_id === $one->offer?->supplier)->map(
            fn (PartOffer $other): string => "{$other->supplier->name} {$this->house->money((int) round($other->cost_minor * $one->quantity))->plain()}, ".Say::count($other->lead_days, 'day'),
        )->all();

        return new ProposedLine(
            key: $one->line === null ? "part-{$one->part?->id}" : "line-{$one->line->id}", line: $one->line?->id, version: $one->line->version ?? 0, part: $one->part?->id, name: $one->name(), number: $offer->number ?? '',
            quantity: $one->quantity, unit: $one->unit,
            for: $one->line === null ? 'for stock: '.Say::amount($one->there ?? 0.0, $one->unit).' there, ordered again at '.Say::figure($one->reorderAt ?? 0.0, 1) : "No. {$one->line->build->number} {$one->line->build->title}",
            build: $one->line?->build->number, neededOn: $one->neededOn, orderBy: $one->orderBy, late: $one->orderBy !== null && $one->orderBy < $today,
            cost: $this->house->money($one->offer->cost ?? 0)->plain(), others: implode('; ', $others),
        );
    }
}
