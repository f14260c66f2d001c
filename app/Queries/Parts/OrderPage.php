<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Parts\Parcel;
use App\Models\Parts\ParcelLine;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Models\People\Person;
use App\Pages\Buying\OrderedLine;
use App\Pages\Buying\OrderProps;
use App\Pages\Buying\ParcelShown;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Parts\PartFigures;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Stock\Amount;

/** One order: what was ordered for whom, what came of it, and what is still to come. */
final readonly class OrderPage
{
    public function __construct(private House $house, private LeadTimes $leads, private Clock $clock)
    {
    }

    public function data(PartOrder $order, Person $viewer): OrderProps
    {
        $order->load(['supplier', 'lines.kitLine', 'lines.build', 'lines.part', 'parcels.lines.line', 'parcels.person']);
        $today = $this->clock->today($this->house->zone());
        $supplier = $order->supplier;
        $time = $this->leads->suppliers()[$supplier->name] ?? null;

        return new OrderProps(
            id: $order->id, version: $order->version, headline: $this->headline($order, $today), supplier: $supplier->name, hasMail: $supplier->email !== '', address: $supplier->address,
            orderedOn: $order->ordered_on, expectedOn: $order->expected_on, overdue: $order->closed_at === null && $order->expected_on < $today, open: $order->closed_at === null, express: $order->express, note: $order->note,
            learned: $time === null ? 'Nothing of this supplier has come yet.' : ucfirst(LeadTimes::words($supplier->name, $time)).'.',
            mailed: $order->mailed_at === null ? '' : 'Mailed to '.$order->mailed_to.' '.Say::moment($order->mailed_at, $this->house->zone()).'.',
            freight: $viewer->isManager() ? $this->house->money($order->parcels->isEmpty() ? $supplier->freight_minor : 0)->plain() : '',
            total: $viewer->isManager() ? (string) $this->house->money((int) $order->lines->sum('cost_minor')) : null,
            lines: array_values($order->lines->map(fn (PartOrderLine $one): OrderedLine => $this->line($one, $viewer))->all()),
            parcels: array_values($order->parcels->map(fn (Parcel $one): ParcelShown => $this->parcel($one, $viewer))->all()),
        );
    }

    private function headline(PartOrder $order, string $today): string
    {
        $missing = $order->lines->filter(static fn (PartOrderLine $one): bool => $one->missing() > 0)->count();

        return match (true) {
            $order->closed_at !== null && $missing > 0 => "Order {$order->id} is closed, ".Say::count($missing, 'line').' short',
            $order->closed_at !== null => "Order {$order->id} is all here",
            $order->expected_on < $today => "Order {$order->id} was to come on ".Say::day($order->expected_on),
            $order->parcels->isNotEmpty() => 'Of order '.$order->id.' '.Say::count($missing, 'line is', 'lines are').' still to come',
            default => "Order {$order->id} comes on ".Say::day($order->expected_on),
        };
    }

    private function line(PartOrderLine $one, Person $viewer): OrderedLine
    {
        $group = $one->part->group ?? $one->kitLine?->group;
        $known = $one->part->figures ?? [];
        $measure = array_values(array_filter($group?->figures() ?? [], static fn (string $field): bool => ! isset($known[$field]['measured'])));
        $cost = $one->missing() === 0 ? 0 : $this->house->money($one->cost_minor)->split([$one->missing(), $one->came])[0]->minor;

        return new OrderedLine(
            id: $one->id, name: $one->name, number: $one->number, quantity: Amount::units($one->quantity), unit: $one->unit, came: Amount::units($one->came), missing: Amount::units($one->missing()),
            sentBack: Amount::units($one->sent_back), for: $one->build === null ? 'for stock' : "No. {$one->build->number} {$one->build->title}", build: $one->build?->number, part: $one->part_id, place: $one->part->place ?? '',
            cost: $viewer->isManager() ? $this->house->money($one->cost_minor)->plain() : null, costToCome: $viewer->isManager() ? $this->house->money($cost)->plain() : null,
            keeps: ! in_array($group, [PartGroup::Finish, PartGroup::Consumables], true), measure: $group === null ? [] : array_map(static fn (string $field): Option => new Option($field, PartFigures::label($group, $field)), $measure),
        );
    }

    private function parcel(Parcel $one, Person $viewer): ParcelShown
    {
        return new ParcelShown(
            $one->arrived_on, $one->person->name,
            array_values($one->lines->map(fn (ParcelLine $line): string => Say::amount(Amount::units($line->quantity), $line->line->unit)." of {$line->line->name}"
                .($viewer->isManager() ? ', '.$this->house->money($line->cost_minor)->plain().($line->freight_minor > 0 ? " and {$this->house->money($line->freight_minor)->plain()} of the freight" : '') : ''))->all()),
            $viewer->isManager() ? $this->house->money($one->freight_minor)->plain() : null,
        );
    }
}
