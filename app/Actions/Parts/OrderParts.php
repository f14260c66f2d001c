<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;

/** An order with one supplier: lines for builds, out of their kits, and lines for stock. */
final readonly class OrderParts
{
    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    /**
     * @param  list<AskedLine>  $lines
     * @param  array{expected_on: string, express: bool, note: string}  $said
     */
    public function place(Person $by, Supplier $supplier, array $lines, array $said): PartOrder
    {
        return $this->recording->keep(function () use ($by, $supplier, $lines, $said): PartOrder {
            if (! $supplier->canBeReached()) {
                throw Refused::because("“{$supplier->name}” has neither a mail address nor a postal one: an order would not reach anybody. Write one down under Suppliers first.", 'supplier');
            }
            $order = PartOrder::query()->create([
                ...$said, 'supplier_id' => $supplier->id, 'ordered_on' => $this->clock->today($this->house->zone()), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ])->refresh();
            foreach ($lines as $line) {
                $line->kitLine === null ? $this->forStock($order, $line) : $this->forBuild($by, $order, $line);
            }
            $this->recording->log(null, $by, 'stores', "Order {$order->id} placed with {$supplier->name}: ".Say::count(count($lines), 'line').', expected '.Say::day($order->expected_on).'.');
            $this->recording->planAnew("order {$order->id} with {$supplier->name} placed");

            return $order;
        });
    }

    private function forStock(PartOrder $order, AskedLine $asked): void
    {
        $part = Part::query()->kept()->find($asked->part) ?? throw Refused::because('One of these parts is not in the catalogue any more. Nothing was ordered.');
        UseStock::mustBeWhole(Amount::of($asked->quantity), $part);
        PartOrderLine::query()->create([
            'part_order_id' => $order->id, 'part_id' => $part->id, 'name' => $part->name, 'number' => self::number($part, $order), 'quantity' => Amount::of($asked->quantity),
            'unit' => $part->unit, 'cost_minor' => $asked->cost->minor,
        ]);
    }

    private function forBuild(Person $by, PartOrder $order, AskedLine $asked): void
    {
        $line = KitLine::query()->with('build')->find($asked->kitLine) ?? throw Refused::because('One of these parts is not in a kit any more. Look at the list again; nothing was ordered.');
        Refused::ifStale($line->version, $asked->version, "“{$line->name}” for {$line->build->name()}");
        if ($line->build->status !== BuildStatus::Open) {
            throw Refused::because("{$line->build->name()} is not in the making any more. Nothing was ordered.");
        }
        if ($line->state !== KitState::Needed || $line->surplus) {
            throw Refused::because("“{$line->name}” for {$line->build->name()} is ".($line->state === KitState::Ordered ? 'on order already' : 'not needed any more').'. Nothing was ordered.');
        }
        if (! Catalogue::isPart($line->group, $line->unit)) {
            throw Refused::because("“{$line->name}” is no part of the catalogue: timber is bought under Kits and prices. Nothing was ordered.");
        }
        $part = Part::query()->find($asked->part) ?? Catalogue::of($line);
        if ($part->group !== $line->group || $part->unit !== $line->unit) {
            throw Refused::because("“{$part->name}” is not for {$line->group->words()}, or not counted by the {$line->unit}. Nothing was ordered.");
        }
        $line->update([
            'state' => KitState::Ordered, 'ordered_on' => $order->ordered_on, 'expected_on' => $order->expected_on, 'cost_minor' => $asked->cost->minor, 'supplier' => $order->supplier->name,
            'part_id' => $part->id, 'version' => $line->version + 1,
        ]);
        PartOrderLine::query()->create([
            'part_order_id' => $order->id, 'part_id' => $part->id, 'kit_line_id' => $line->id, 'build_id' => $line->build_id, 'name' => $part->name,
            'number' => self::number($part, $order), 'quantity' => Amount::of($line->quantity), 'unit' => $line->unit, 'cost_minor' => $asked->cost->minor,
        ]);
        $this->recording->log($line->build, $by, 'kit', "Ordered: {$line->name}, with order {$order->id} from {$order->supplier->name}, expected ".Say::day($order->expected_on).", {$asked->cost}.");
    }

    private static function number(Part $part, PartOrder $order): string
    {
        return (string) PartOffer::query()->where('part_id', $part->id)->where('supplier_id', $order->supplier_id)->value('number');
    }

    /** Another day was given: for all that is still to come with it. */
    public function expect(Person $by, PartOrder $order, int $version, string $expectedOn): void
    {
        $this->recording->keep(function () use ($by, $order, $version, $expectedOn): void {
            self::mustBeOpen($order, $version);
            $order->update(['expected_on' => $expectedOn, 'version' => $order->version + 1]);
            foreach (self::kitLines($order) as $line) {
                $line->update(['expected_on' => $expectedOn, 'version' => $line->version + 1]);
                $this->recording->log($line->build, $by, 'kit', "Order {$order->id}: {$line->name} now expected ".Say::day($expectedOn).'.');
            }
            $this->recording->log(null, $by, 'stores', "Order {$order->id} now expected ".Say::day($expectedOn).'.');
            $this->recording->planAnew("order {$order->id} expected on another day");
        });
    }

    /** Nothing more of it comes: what is missing is needed again. */
    public function callOff(Person $by, PartOrder $order, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $order, $version, $because): void {
            self::mustBeOpen($order, $version);
            $lines = self::kitLines($order);
            $order->update(['closed_at' => $this->clock->now(), 'version' => $order->version + 1]);
            foreach ($lines as $line) {
                self::neededAgain($line);
                $this->recording->log($line->build, $by, 'kit', "Needed again: {$line->name}; order {$order->id} is called off. {$because}");
            }
            $this->recording->log(null, $by, 'stores', "Order {$order->id} called off: {$because}");
            $this->recording->planAnew("order {$order->id} called off");
        });
    }

    public static function neededAgain(KitLine $line): void
    {
        $line->update(['state' => KitState::Needed, 'ordered_on' => null, 'expected_on' => null, 'arrived_on' => null, 'cost_minor' => null, 'version' => $line->version + 1]);
    }

    public static function mustBeOpen(PartOrder $order, int $version): void
    {
        Refused::ifStale($order->version, $version, "Order {$order->id}");
        if ($order->closed_at !== null) {
            throw Refused::because("Nothing more is to come of order {$order->id}. Nothing was changed.");
        }
    }

    /** @return list<KitLine> of which something is still to come with it */
    private static function kitLines(PartOrder $order): array
    {
        $ids = $order->lines()->toCome()->whereNotNull('kit_line_id')->pluck('kit_line_id');

        return array_values(KitLine::query()->with('build')->whereKey($ids)->where('state', KitState::Ordered->value)->get()->all());
    }
}
