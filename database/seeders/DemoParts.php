<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\House\Chores;
use App\Actions\Parts\StockBook;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\Price;
use App\Models\Parts\MovementKind;
use App\Models\Parts\Parcel;
use App\Models\Parts\ParcelLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Planning\Parts\Catalogue;
use Carbon\CarbonImmutable;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Costing\KitState;
use Regimen\Costing\PartKind;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Stock\Amount;

/** The demo shop's drawers: 60 parts, suppliers of whom some are punctual, two orders on the way and a part that is wrong. All of it invented. */
final class DemoParts
{
    /** How many days later than agreed they come: least, most; mail, street, freight, express days and what they cost more. */
    private const SUPPLIERS = [
        'hardware supplier' => [-2, 3, 'orders@hardware.example', "4 Foundry Row\nOstmarsch", 690, 2, 1_450],
        'pickup winder' => [-1, 24, 'bench@winder.example', "The Old Dairy\nHollow Lane", 890, 7, 4_000],
        'electronics supplier' => [-4, 1, '', "Unit 9, Kiln Street\nTarnbeck", 490, 1, 980],
        'finish supplier' => [0, 6, 'desk@finishes.example', "Quay 2\nNordhafen", 1_240, null, 0],
    ];

    /** Name, kind, unit, drawer, cents, days, supplier, in stock, used in a year, least. */
    private const PARTS = [
        ['sealed tuner, chrome', 'tuners', 'piece', 'A1', 1_250, 10, 'hardware supplier', 14, 60, 12], ['sealed tuner, black', 'tuners', 'piece', 'A1', 1_390, 10, 'hardware supplier', 6, 24, null],
        ['locking tuner, nickel', 'tuners', 'piece', 'A2', 1_980, 14, 'hardware supplier', 0, 18, 6], ['open-gear tuner, brass', 'tuners', 'piece', 'A2', 2_450, 21, 'hardware supplier', 6, 0, null],
        ['hard-tail bridge, 10.5 mm', 'bridge', 'piece', 'A3', 6_900, 12, 'hardware supplier', 1, 3, null], ['hard-tail bridge, 10.8 mm', 'bridge', 'piece', 'A3', 7_200, 12, 'hardware supplier', 1, 5, 1],
        ['locking vibrato', 'bridge', 'piece', 'A4', 14_800, 25, 'hardware supplier', 0, 1, null], ['wrap-around bridge', 'bridge', 'piece', 'A4', 8_900, 14, 'hardware supplier', 1, 2, null],
        ['bone nut blank, 6 mm', 'nut', 'piece', 'B1', 620, 5, 'hardware supplier', 9, 20, 6], ['brass nut blank', 'nut', 'piece', 'B1', 890, 8, 'hardware supplier', 2, 2, null],
        ['strap buttons, black', 'strap-buttons', 'pair', 'B2', 690, 5, 'hardware supplier', 7, 9, null], ['strap buttons, nickel', 'strap-buttons', 'pair', 'B2', 710, 5, 'hardware supplier', 3, 8, 2],
        ['neck screws and ferrules', 'neck-screws', 'set', 'B3', 990, 5, 'hardware supplier', 5, 8, 2], ['neck plate, engraved', 'neck-screws', 'set', 'B3', 1_850, 16, 'hardware supplier', 1, 1, null],
        ['single-coil soapbar', 'pickups', 'piece', 'C1', 9_800, 18, 'pickup winder', 2, 6, null], ['hum-cancelling pickup, neck', 'pickups', 'piece', 'C1', 10_900, 20, 'pickup winder', 1, 5, null],
        ['hum-cancelling pickup, bridge', 'pickups', 'piece', 'C1', 10_900, 20, 'pickup winder', 1, 5, null], ['gold-foil pickup', 'pickups', 'piece', 'C2', 12_400, 30, 'pickup winder', 0, 2, null],
        ['split bass pickup', 'pickups', 'set', 'C2', 11_800, 22, 'pickup winder', 1, 3, null], ['pickup rings, maple', 'pickups', 'pair', 'C3', 1_400, 12, 'pickup winder', 4, 4, null],
        ['potentiometer 500 k, split shaft', 'electronics', 'piece', 'D1', 480, 6, 'electronics supplier', 22, 40, 10], ['potentiometer 250 k, split shaft', 'electronics', 'piece', 'D1', 480, 6, 'electronics supplier', 18, 30, 10],
        ['potentiometer 500 k, push-pull', 'electronics', 'piece', 'D1', 890, 6, 'electronics supplier', 4, 8, null], ['three-way toggle', 'electronics', 'piece', 'D2', 1_150, 6, 'electronics supplier', 3, 9, 2],
        ['five-way blade switch', 'electronics', 'piece', 'D2', 1_650, 6, 'electronics supplier', 2, 5, null], ['capacitor 22 nF, film', 'electronics', 'piece', 'D3', 90, 6, 'electronics supplier', 40, 26, 10],
        ['capacitor 47 nF, film', 'electronics', 'piece', 'D3', 95, 6, 'electronics supplier', 31, 12, null], ['jack, open frame', 'electronics', 'piece', 'D4', 420, 6, 'electronics supplier', 9, 18, 6],
        ['jack, tube', 'electronics', 'piece', 'D4', 780, 8, 'electronics supplier', 2, 2, null], ['knob, walnut', 'electronics', 'piece', 'D5', 600, 0, 'electronics supplier', 11, 9, null],
        ['hook-up wire, cloth', 'electronics', 'm', 'D6', 120, 6, 'electronics supplier', 24, 40, 10], ['shielding foil', 'electronics', 'm', 'D6', 640, 6, 'electronics supplier', 6, 8, 2],
        ['fret wire, 2.4 × 1.2', 'fret-wire', 'm', 'E1', 880, 6, 'hardware supplier', 7, 30, 6], ['fret wire, 2.7 × 1.4', 'fret-wire', 'm', 'E1', 940, 6, 'hardware supplier', 11, 18, null],
        ['fret wire, steel 2.6 × 1.3', 'fret-wire', 'm', 'E1', 1_390, 9, 'hardware supplier', 4, 9, null], ['ivoroid binding, 1.5 mm', 'binding', 'm', 'E2', 520, 6, 'hardware supplier', 8, 12, 3],
        ['black-white-black binding', 'binding', 'm', 'E2', 610, 9, 'hardware supplier', 3, 4, null], ['two-way truss rod, 445 mm', 'truss-rod', 'piece', 'E3', 2_350, 6, 'hardware supplier', 4, 10, 2],
        ['two-way truss rod, 590 mm', 'truss-rod', 'piece', 'E3', 2_750, 6, 'hardware supplier', 2, 3, null], ['carbon rods, 5 × 3', 'stiffening-rods', 'pair', 'E3', 1_550, 8, 'hardware supplier', 2, 4, null],
        ['strings 10–46', 'strings', 'set', 'F1', 850, 3, 'hardware supplier', 9, 26, 6], ['strings 11–49', 'strings', 'set', 'F1', 880, 3, 'hardware supplier', 5, 9, null],
        ['bass strings 45–105', 'strings', 'set', 'F2', 2_750, 3, 'hardware supplier', 2, 5, 1],
    ];

    /** Charged as a share of every kit. */
    private const SHARES = [
        ['hide glue', 'g', 'G1', 3, 10, 'finish supplier', 750, 900, 200], ['wood glue', 'ml', 'G1', 2, 5, 'finish supplier', 480, 1_500, 300], ['thin CA glue', 'ml', 'G2', 18, 5, 'finish supplier', 35, 60, 20],
        ['grain filler', 'ml', 'G3', 4, 8, 'finish supplier', 320, 400, null], ['abrasive P240', 'sheet', 'G4', 95, 5, 'finish supplier', 41, 150, 25], ['abrasive P600', 'sheet', 'G4', 110, 5, 'finish supplier', 18, 120, 25],
        ['masking tape, 19 mm', 'm', 'G5', 9, 5, 'finish supplier', 88, 220, 40], ['solder, leaded', 'g', 'D7', 9, 6, 'electronics supplier', 140, 120, null],
    ];

    private const FINISHES = [['nitrocellulose, clear', 'ml', 'H1', 4, 9, 1_850, 2_400, 500], ['oil and varnish', 'ml', 'H1', 5, 7, 620, 700, 200], ['shellac flakes', 'g', 'H2', 9, 12, 240, 160, null]];

    private readonly Randomizer $draw;

    private readonly Person $manager;

    private CarbonImmutable $now;

    public function __construct()
    {
        $this->draw = new Randomizer(new Mt19937(1894));
        $this->manager = Person::query()->orderBy('id')->firstOrFail();
    }

    public function run(CarbonImmutable $now): void
    {
        $this->now = $now;
        foreach (self::SUPPLIERS as $name => [$least, $most, $email, $address, $freight, $days, $express]) {
            Catalogue::supplier($name)?->update(['email' => $email, 'address' => $address, 'freight_minor' => $freight, 'express_days' => $days, 'express_minor' => $express]);
            $this->punctuality($name, $least, $most);
        }
        foreach (self::PARTS as [$name, $group, $unit, $place, $cents, $days, $supplier, $there, $year, $least]) {
            $this->stock($this->part($name, PartGroup::from($group), $unit, $place, $least, true), $supplier, $cents, $days, $there, $year);
        }
        foreach (self::SHARES as [$name, $unit, $place, $cents, $days, $supplier, $there, $year, $least]) {
            $this->stock($this->part($name, PartGroup::Consumables, $unit, $place, $least, false), $supplier, $cents, $days, $there, $year);
        }
        foreach (self::FINISHES as [$name, $unit, $place, $cents, $days, $there, $year, $least]) {
            $this->stock($this->part($name, PartGroup::Finish, $unit, $place, $least, false), 'finish supplier', $cents, $days, $there, $year);
        }
        foreach ([PartKind::Tuner, PartKind::Bridge, PartKind::Pickup, PartKind::NutBlank, PartKind::ElectronicsSet, PartKind::TrussRod] as $kind) {
            $this->asPriced($kind);
        }
        $this->shelfLife();
        $this->measured();
        $this->orders();
        $this->wrong();
        $this->chores();
    }

    /** What came for builds that are finished came as its supplier is: to the day, or weeks late. */
    private function punctuality(string $supplier, int $least, int $most): void
    {
        $finished = Build::query()->whereNotNull('finished_at')->select('id');
        foreach (KitLine::query()->where('supplier', $supplier)->whereNotNull('ordered_on')->whereNotNull('arrived_on')->whereIn('build_id', $finished)->orderBy('id')->get() as $line) {
            $took = max(1, $line->lead_days + $this->draw->getInt($least, $most));
            $line->update(['arrived_on' => CarbonImmutable::parse((string) $line->ordered_on)->addDays($took)->toDateString()]);
        }
    }

    private function part(string $name, PartGroup $group, string $unit, string $place, ?int $least, bool $byUse): Part
    {
        return Part::query()->create([
            'name' => $name, 'group' => $group, 'unit' => $unit, 'place' => "drawer {$place}", 'figures' => [], 'note' => '', 'by_use' => $byUse, 'least' => $least === null ? null : 1_000 * $least,
        ])->refresh();
    }

    /** What the price list names, at two suppliers. */
    private function asPriced(PartKind $kind): void
    {
        $price = Price::query()->where('key', $kind->value)->firstOrFail();
        $part = Part::query()->create(['name' => $price->name, 'group' => $kind->group(), 'unit' => $price->unit, 'price_key' => $price->key, 'figures' => [], 'note' => '', 'place' => ''])->refresh();
        $this->offer($part, $price->supplier, $price->cost_minor, $price->lead_days);
        $this->offer($part, $price->supplier === 'hardware supplier' ? 'electronics supplier' : 'hardware supplier', (int) round($price->cost_minor * 1.14), max(4, intdiv($price->lead_days, 2)));
        $part->alternatives()->sync(Part::query()->where('group', $part->group->value)->where('unit', $part->unit)->whereKeyNot($part->id)->limit(2)->pluck('id'));
    }

    private function offer(Part $part, string $supplier, int $cents, int $days): void
    {
        PartOffer::query()->create([
            'part_id' => $part->id, 'supplier_id' => Supplier::query()->where('name', $supplier)->value('id'), 'number' => strtoupper(substr($supplier, 0, 2)).'-'.(1_000 + $part->id * 7), 'cost_minor' => $cents, 'lead_days' => $days,
        ]);
    }

    /** Two lots, the older one nearly used up, and a year of taking out. */
    private function stock(Part $part, string $supplier, int $cents, int $days, int $there, int $year): void
    {
        $this->offer($part, $supplier, $cents, $days);
        $id = (int) Supplier::query()->where('name', $supplier)->value('id');
        $old = $this->lot($part, $id, max(1, $year + intdiv($there, 3)), (int) round($cents * 0.94), 380);
        $step = max(1, intdiv($year, 12));
        for ($used = 0, $at = 0; $used < $year; $used += $step, $at++) {
            $this->move($old, -min($step, $year - $used), 360 - intdiv(350 * $at, max(1, intdiv($year, $step))), $part->by_use ? MovementKind::Taken : MovementKind::Used);
        }
        $more = $there - intdiv($old->refresh()->left, 1_000);
        if ($more > 0) {
            $this->lot($part, $id, $more, $cents, 40);
        } elseif ($more < 0) {
            $this->move($old, $more, 5, MovementKind::Counted);
        }
    }

    private function lot(Part $part, int $supplier, int $quantity, int $cents, int $daysAgo): StockLot
    {
        $on = $this->now->subDays($daysAgo);
        $lot = StockLot::query()->create([
            'part_id' => $part->id, 'supplier_id' => $supplier, 'quantity' => 1_000 * $quantity, 'left' => 1_000 * $quantity, 'cost_minor' => $quantity * $cents, 'left_minor' => $quantity * $cents, 'arrived_on' => $on->toDateString(),
        ])->refresh();
        $this->write($lot, 1_000 * $quantity, $quantity * $cents, $on, MovementKind::Arrived);

        return $lot;
    }

    private function move(StockLot $lot, int $quantity, int $daysAgo, MovementKind $kind): void
    {
        $cost = (int) round($lot->left_minor * $quantity * 1_000 / max(1, $lot->left));
        $lot->update(['left' => $lot->left + 1_000 * $quantity, 'left_minor' => $lot->left_minor + $cost]);
        $this->write($lot, 1_000 * $quantity, $cost, $this->now->subDays($daysAgo), $kind);
    }

    private function write(StockLot $lot, int $quantity, int $cost, CarbonImmutable $at, MovementKind $kind): void
    {
        StockMovement::query()->create([
            'part_id' => $lot->part_id, 'stock_lot_id' => $lot->id, 'kind' => $kind, 'quantity' => $quantity, 'cost_minor' => $cost, 'because' => '', 'on' => $at->toDateString(), 'person_id' => $this->manager->id, 'at' => $at,
        ]);
    }

    private function shelfLife(): void
    {
        foreach (['thin CA glue' => 9, 'nitrocellulose, clear' => 120, 'hide glue' => -6, 'wood glue' => 200] as $name => $days) {
            StockLot::query()->whereBelongsTo(Part::query()->where('name', $name)->firstOrFail())->where('left', '>', 0)->latest('id')->first()
                ?->update(['opened_on' => $this->now->subDays(60)->toDateString(), 'best_before' => $this->now->addDays($days)->toDateString()]);
        }
    }

    private function measured(): void
    {
        $known = [
            'sealed tuner, chrome' => ['tunerHole' => ['measured' => '9.92', 'sheet' => '10'], 'tunerMass' => ['measured' => '33']], 'hard-tail bridge, 10.5 mm' => ['bridgeSpread' => ['measured' => '52.5'], 'mountingSpan' => ['sheet' => '56']],
            'hard-tail bridge, 10.8 mm' => ['bridgeSpread' => ['measured' => '54.0', 'sheet' => '54'], 'bridgeMass' => ['measured' => '236']], 'single-coil soapbar' => ['resistance' => ['measured' => '7.9', 'sheet' => '8.2']],
            'fret wire, 2.4 × 1.2' => ['crownWidth' => ['measured' => '2.41'], 'crownHeight' => ['measured' => '1.19']],
        ];
        foreach ($known as $name => $figures) {
            Part::query()->where('name', $name)->update(['figures' => json_encode($figures)]);
        }
    }

    /** The pickups that a build waits for, and hardware for several builds and for stock. */
    private function orders(): void
    {
        $late = KitLine::query()->where('state', KitState::Ordered->value)->where('group', PartGroup::Pickups->value)->orderBy('expected_on')->first();
        $late === null || $this->order('pickup winder', [$late], []);
        $open = KitLine::query()->where('state', KitState::Ordered->value)->where('supplier', 'hardware supplier')->where('expected_on', '>=', $this->now->toDateString())->orderBy('id')->limit(4)->get()->all();
        $this->order('hardware supplier', array_values($open), [['locking tuner, nickel', 12], ['strap buttons, nickel', 4]]);
    }

    /**
     * @param  list<KitLine>  $lines
     * @param  list<array{string, int}>  $stock
     */
    private function order(string $supplier, array $lines, array $stock): PartOrder
    {
        $ordered = $lines === [] ? $this->now->subDays(4)->toDateString() : min(array_map(static fn (KitLine $one): string => (string) $one->ordered_on, $lines));
        $order = PartOrder::query()->create([
            'supplier_id' => Supplier::query()->where('name', $supplier)->value('id'), 'ordered_on' => $ordered, 'person_id' => $this->manager->id, 'at' => CarbonImmutable::parse($ordered, 'UTC')->setTime(9, 0), 'note' => '',
            'expected_on' => $lines === [] ? $this->now->addDays(6)->toDateString() : max(array_map(static fn (KitLine $one): string => (string) $one->expected_on, $lines)),
        ]);
        foreach ($lines as $line) {
            PartOrderLine::query()->create([
                'part_order_id' => $order->id, 'part_id' => Catalogue::of($line)->id, 'kit_line_id' => $line->id, 'build_id' => $line->build_id, 'name' => $line->name, 'quantity' => Amount::of($line->quantity), 'unit' => $line->unit, 'cost_minor' => $line->costMinor(),
            ]);
        }
        foreach ($stock as [$name, $quantity]) {
            $part = Part::query()->with('offers')->where('name', $name)->firstOrFail();
            PartOrderLine::query()->create([
                'part_order_id' => $order->id, 'part_id' => $part->id, 'name' => $name, 'number' => $part->offers->first()->number ?? '', 'quantity' => 1_000 * $quantity, 'unit' => $part->unit, 'cost_minor' => $quantity * (int) ($part->offers->first()->cost_minor ?? 0),
            ]);
        }

        return $order;
    }

    /** One that came with the wrong spacing, and waits for a decision. */
    private function wrong(): void
    {
        $part = Part::query()->where('name', 'bridge')->firstOrFail();
        $part->update(['figures' => ['bridgeSpread' => ['measured' => '50.0', 'sheet' => '52.5']]]);
        $order = $this->order('hardware supplier', [], [['bridge', 1]]);
        $order->update(['ordered_on' => $this->now->subDays(20)->toDateString(), 'expected_on' => $this->now->subDays(8)->toDateString(), 'closed_at' => $this->now->subDays(7)]);
        $line = $order->lines()->sole();
        $line->update(['came' => 1_000]);
        $parcel = Parcel::query()->create(['part_order_id' => $order->id, 'arrived_on' => $this->now->subDays(7)->toDateString(), 'freight_minor' => 240, 'person_id' => $this->manager->id, 'at' => $this->now->subDays(7)]);
        $came = ParcelLine::query()->create(['parcel_id' => $parcel->id, 'part_order_line_id' => $line->id, 'quantity' => 1_000, 'cost_minor' => $line->cost_minor, 'freight_minor' => 240]);
        app(StockBook::class)->add($this->manager, $part, 1_000, $line->cost_minor + 240, MovementKind::Arrived, 'saddles 10.0 mm apart, not 10.5', [
            'wrong' => 'saddles 10.0 mm apart, not 10.5', 'supplier_id' => $order->supplier_id, 'parcel_line_id' => $came->id, 'arrived_on' => $parcel->arrived_on,
        ]);
    }

    private function chores(): void
    {
        $people = Person::query()->orderBy('id')->pluck('id')->all();
        foreach ([['empty the dust filter', 7, 25, 1], ['fill the humidifier', 3, 10, 2], ['sharpen plane irons and scrapers', 14, 60, 1], ['check the calipers with a gauge block', 90, 20, 0]] as $at => [$name, $every, $minutes, $who]) {
            app(Chores::class)->add($this->manager, ['name' => $name, 'person_id' => (int) $people[$who], 'every_days' => $every, 'minutes' => $minutes, 'due_on' => $this->now->setTimezone(DemoShop::ZONE)->addDays($at + 1)->toDateString()]);
        }
    }
}
