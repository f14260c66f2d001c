<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOrder;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\Parts\Supplier;
use Illuminate\Testing\TestResponse;

/** A shop with a build that needs parts, a supplier that can be written to, and a catalogue. */
trait KeepsParts
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
        $this->build = $this->build();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, string>  $said */
    private function supplier(array $said = []): Supplier
    {
        $this->post('/stores/suppliers', ['name' => 'the bolt yard', 'email' => 'bolts@example.org', 'address' => '', 'freight' => '6.90', ...$said])->assertSessionHasNoErrors();

        return Supplier::query()->latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $said */
    private function part(array $said = []): Part
    {
        $this->post('/stores/catalogue', ['name' => 'sealed tuner', 'group' => 'tuners', 'unit' => 'piece', 'place' => 'drawer A1', ...$said])->assertSessionHasNoErrors();

        return Part::query()->latest('id')->firstOrFail();
    }

    private function line(string $name): KitLine
    {
        return KitLine::query()->where('build_id', $this->build->id)->where('name', $name)->orderBy('id')->firstOrFail();
    }

    /** @return array<string, mixed> */
    private static function asked(KitLine $line, string $cost): array
    {
        return ['line' => $line->id, 'version' => $line->version, 'quantity' => (string) $line->quantity, 'cost' => $cost];
    }

    /** @param  list<array<string, mixed>>  $lines */
    private function place(Supplier $supplier, array $lines, string $day = '2026-03-28'): TestResponse
    {
        return $this->actingAs($this->manager)->post('/stores/orders', ['supplier' => $supplier->id, 'expected_on' => $day, 'lines' => $lines]);
    }

    /** @param  array<int, array<string, string>>  $lines */
    private function receive(PartOrder $order, array $lines, string $freight = '', bool $all = false): TestResponse
    {
        return $this->post("/stores/orders/{$order->id}/parcel", ['version' => $order->refresh()->version, 'lines' => $lines, 'freight' => $freight, 'all' => $all]);
    }

    /** So many came at once, for stock. */
    private function stocked(Part $part, float $quantity, string $cost): StockLot
    {
        $supplier = Supplier::query()->where('email', '<>', '')->first() ?? $this->supplier();
        $this->place($supplier, [['part' => $part->id, 'quantity' => (string) $quantity, 'cost' => $cost]])->assertSessionHasNoErrors();
        $order = PartOrder::query()->latest('id')->firstOrFail();
        $this->receive($order, [$order->lines()->sole()->id => ['came' => (string) $quantity]])->assertSessionHasNoErrors();

        return StockLot::query()->latest('id')->firstOrFail();
    }

    /** Whatever was done: what is left of each lot is what its movements come to, and nothing is below zero. */
    private function assertBooksAreRight(): void
    {
        foreach (StockLot::query()->get() as $lot) {
            $moved = StockMovement::query()->where('stock_lot_id', $lot->id);
            $this->assertSame([$lot->left, $lot->left_minor], [(int) (clone $moved)->sum('quantity'), (int) (clone $moved)->sum('cost_minor')], "lot {$lot->id}");
            $this->assertGreaterThanOrEqual(0, min($lot->left, $lot->left_minor));
            $this->assertTrue($lot->left > 0 || $lot->left_minor === 0, 'what is gone is worth nothing');
        }
        $this->assertSame((int) StockLot::query()->sum('left_minor'), (int) StockMovement::query()->sum('cost_minor'));
    }
}
