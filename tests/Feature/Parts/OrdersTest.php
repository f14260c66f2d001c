<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Build\KitLine;
use App\Models\Parts\ParcelLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOrder;
use App\Models\Parts\StockLot;
use App\Models\Parts\Supplier;
use Illuminate\Support\Facades\Mail;
use Regimen\Costing\KitState;
use Tests\TestCase;

/** Orders: proposed, placed, sent, and what comes of them. */
final class OrdersTest extends TestCase
{
    use KeepsParts;

    public function test_what_a_kit_lacks_is_proposed_by_supplier_with_its_last_day_and_ordered_from_there(): void
    {
        $supplier = Supplier::query()->where('name', 'hardware supplier')->sole();
        $this->put("/stores/suppliers/{$supplier->id}", ['name' => 'hardware supplier', 'email' => 'h@example.org', 'freight' => '6.90', 'version' => 1])->assertSessionHasNoErrors();
        $this->actingAs($this->maker);
        $this->assertSame([], $this->get('/stores')->assertOk()->inertiaProps('proposals'), 'who orders sees money');
        $proposals = collect($this->actingAs($this->manager)->get('/stores')->inertiaProps('proposals'))->keyBy('name');
        $this->assertEqualsCanonicalizing(['electronics supplier', 'finish supplier', 'hardware supplier', 'pickup winder'], $proposals->keys()->all());
        $hardware = $proposals['hardware supplier'];
        $this->assertSame('6.90', $hardware['freight']);
        $tuner = collect($hardware['lines'])->firstWhere('name', 'tuner');
        $this->assertSame(date('Y-m-d', strtotime("{$tuner['neededOn']} -21 days")), $tuner['orderBy'], 'ten days in the middle are twenty for nine of ten, and one to the morning after');
        $send = array_map(static fn (array $one): array => array_intersect_key($one, ['line' => 0, 'version' => 0, 'quantity' => 0, 'cost' => 0]), $hardware['lines']);
        $this->place($supplier, $send)->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $this->assertSame([KitState::Ordered, '2026-03-28', '2026-03-18'], [$this->line('tuner')->state, $this->line('tuner')->expected_on, $this->line('tuner')->ordered_on]);
        $this->assertNotContains('hardware supplier', array_column($this->get('/stores')->inertiaProps('proposals'), 'name'));
        $this->assertSame("Order {$order->id} comes on Sat 28 Mar", $this->get("/stores/orders/{$order->id}")->inertiaProps('headline'));
        $line = $this->line('tuner');
        $this->post("/kit/{$line->id}/order", ['version' => $line->version, 'expected_on' => '2026-04-09', 'cost' => '90'])->assertSessionHasErrors(['expected_on' => "“tuner” stands in order {$order->id} with hardware supplier. Change it there."]);
        $this->put("/stores/orders/{$order->id}/expected", ['version' => 1, 'expected_on' => '2026-04-09'])->assertSessionHasNoErrors();
        $this->assertSame('2026-04-09', $this->line('tuner')->expected_on);
        $this->post("/stores/orders/{$order->id}/call-off", ['version' => 2, 'because' => 'too dear'])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Needed, null], [$this->line('tuner')->state, $this->line('tuner')->expected_on]);
        $this->post("/stores/orders/{$order->id}/call-off", ['version' => 3, 'because' => 'again'])->assertSessionHasErrors('conflict');
    }

    public function test_an_order_that_cannot_be_is_refused_whole(): void
    {
        $nobody = $this->supplier(['name' => 'nobody', 'email' => '']);
        $line = $this->line('tuner');
        $this->place($nobody, [self::asked($line, '70')])->assertSessionHasErrors('supplier');
        $known = $this->supplier();
        $this->place($known, [])->assertSessionHasErrors('lines');
        $this->place($known, [self::asked($line, '70')], '2026-03-01')->assertSessionHasErrors('expected_on');
        $this->place($known, [self::asked($line, '70 USD')])->assertSessionHasErrors('lines.0.cost');
        $this->place($known, [self::asked($line, '70'), self::asked($line, '70')])->assertSessionHasErrors('lines');
        $this->place($known, [[...self::asked($line, '70'), 'version' => 99]])->assertSessionHasErrors('conflict');
        $this->place($known, [self::asked($this->line('bridge'), '70'), ['part' => 999, 'quantity' => '1', 'cost' => '1']])->assertSessionHasErrors('conflict');
        $this->actingAs($this->maker)->post('/stores/orders', ['supplier' => $known->id, 'expected_on' => '2026-03-28', 'lines' => [self::asked($line, '70')]])->assertForbidden();
        $this->assertSame([0, 0], [PartOrder::query()->count(), KitLine::query()->where('state', 'ordered')->count()]);
        $this->place($known, [self::asked($line, '70')])->assertSessionHasNoErrors();
        $this->place($known, [self::asked($line->refresh(), '70')])->assertSessionHasErrors('conflict');
    }

    public function test_a_parcel_with_one_too_few_and_one_wrong(): void
    {
        $supplier = $this->supplier();
        $this->place($supplier, [self::asked($this->line('tuner'), '72'), self::asked($this->line('bridge'), '85'), ['part' => $this->part(['name' => 'knob', 'group' => 'electronics'])->id, 'quantity' => '4', 'cost' => '10']])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        [$tuner, $bridge, $knob] = $order->lines()->pluck('id')->all();
        $this->receive($order, [$tuner => ['came' => '7']])->assertSessionHasErrors("lines.{$tuner}.came");
        $this->assertStringContainsString('6 pieces are still to come; more was not ordered', session('errors')->first("lines.{$tuner}.came"));
        $this->receive($order, [$tuner => ['came' => '5', 'wrong' => '6', 'because' => 'x']])->assertSessionHasErrors("lines.{$tuner}.wrong");
        $this->receive($order, [$tuner => ['came' => '5', 'wrong' => '1', 'because' => '']])->assertSessionHasErrors("lines.{$tuner}.because");
        $this->receive($order, [$tuner => ['came' => '0']])->assertSessionHasErrors('conflict');
        $this->receive($order, [$tuner => ['came' => 'five']])->assertSessionHasErrors("lines.{$tuner}.came");
        $this->receive($order, [999 => ['came' => '1']])->assertSessionHasErrors('conflict');
        $this->assertSame(0, ParcelLine::query()->count(), 'all of it or nothing');

        $this->receive($order, [
            $tuner => ['came' => '5', 'wrong' => '1', 'because' => 'bent post'], $bridge => ['came' => '1', 'cost' => '88'], $knob => ['came' => '4', 'place' => 'drawer D5'],
        ], '7.01')->assertSessionHasNoErrors();
        $this->assertSame([266, 391, 44], ParcelLine::query()->orderBy('id')->pluck('freight_minor')->all(), '7.01 by value, 60, 88 and 10 of 158: 2.662, 3.904 and 0.444, the cent that is left to the largest remainder');
        $tuners = KitLine::query()->where('build_id', $this->build->id)->where('name', 'tuner')->orderBy('id')->get();
        $this->assertEqualsCanonicalizing([[1.0, 'ordered'], [1.0, 'needed'], [4.0, 'arrived']], $tuners->map(static fn (KitLine $one): array => [(float) $one->quantity, $one->state->value])->all());
        $this->assertSame([5_013, 8_800 + 391], [(int) $tuners->firstWhere('state', KitState::Arrived)?->cost_minor, $this->line('bridge')->cost_minor]);
        $wrong = StockLot::query()->where('wrong', '<>', '')->sole();
        $this->assertSame(['bent post', 1_000, 6_266 - 5_013], [$wrong->wrong, $wrong->left, $wrong->left_minor]);
        $this->assertSame(['drawer D5', 1_044], [Part::query()->where('name', 'knob')->sole()->place, (int) StockLot::query()->where('wrong', '')->sum('left_minor')]);
        $this->assertSame('Of order '.$order->id.' 1 line is still to come', $this->get("/stores/orders/{$order->id}")->inertiaProps('headline'));
        $this->assertBooksAreRight();

        // The last one comes, and the order is over.
        $this->actingAs($this->maker)->post("/kit/{$tuners[0]->id}/arrival", ['version' => $tuners[0]->refresh()->version])->assertSessionHasNoErrors();
        $this->assertNotNull($order->refresh()->closed_at);
        $this->receive($order, [$tuner => ['came' => '1']])->assertSessionHasErrors('conflict');
    }

    public function test_what_comes_short_for_good_is_needed_again_and_a_part_lies_in_one_drawer(): void
    {
        $part = $this->part();
        $this->stocked($part, 2, '20');
        $supplier = Supplier::query()->where('name', 'the bolt yard')->sole();
        $this->place($supplier, [self::asked($this->line('bridge'), '85'), ['part' => $part->id, 'quantity' => '2', 'cost' => '20']]);
        $order = PartOrder::query()->latest('id')->firstOrFail();
        [$bridge, $tuner] = $order->lines()->pluck('id')->all();
        $this->receive($order, [$tuner => ['came' => '2', 'place' => 'drawer Z9']])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('lies in drawer A1, and 2 pieces of it are there', session('errors')->first('conflict'));
        $this->receive($order, [$tuner => ['came' => '2']], '', true)->assertSessionHasNoErrors();
        $this->assertNotNull($order->refresh()->closed_at);
        $this->assertSame(KitState::Needed, $this->line('bridge')->state);
        $this->assertSame("Order {$order->id} is closed, 1 line short", $this->get("/stores/orders/{$order->id}")->inertiaProps('headline'));
    }

    public function test_the_order_goes_out_by_mail_as_pdf_and_as_csv(): void
    {
        Mail::fake();
        $supplier = $this->supplier(['email' => '', 'address' => "Row 4\nOstmarsch"]);
        $part = $this->part(['name' => '=cmd, "nickel"']);
        $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $supplier->id, 'cost' => '12', 'lead_days' => '5', 'number' => 'B-77']);
        $this->place($supplier, [self::asked($this->line('tuner'), '72'), ['part' => $part->id, 'quantity' => '2', 'cost' => '1,024.50']])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $csv = (string) $this->get("/stores/orders/{$order->id}/order.csv")->assertOk()->getContent();
        $this->assertSame("order,ordered on,expected on,supplier,their number,part,quantity,unit,price,currency\r\n"
            ."{$order->id},2026-03-18,2026-03-28,the bolt yard,,tuner,6,piece,72.00,EUR\r\n{$order->id},2026-03-18,2026-03-28,the bolt yard,B-77,\"'=cmd, \"\"nickel\"\"\",2,piece,1024.50,EUR\r\n", $csv);
        $this->assertStringStartsWith('%PDF', (string) $this->get("/stores/orders/{$order->id}/order-a4.pdf")->assertOk()->getContent());
        $this->actingAs($this->maker)->get("/stores/orders/{$order->id}/order.csv")->assertForbidden();
        $this->actingAs($this->manager)->post("/stores/orders/{$order->id}/mail", ['version' => 1])->assertSessionHasErrors('conflict');
        $this->put("/stores/suppliers/{$supplier->id}", ['name' => $supplier->name, 'email' => 'b@example.org', 'version' => 1])->assertSessionHasNoErrors();
        $this->post("/stores/orders/{$order->id}/mail", ['version' => 1])->assertSessionHasNoErrors();
        $this->assertStringStartsWith('Mailed to b@example.org', $this->get("/stores/orders/{$order->id}")->inertiaProps('mailed'));
        $this->post("/stores/orders/{$order->id}/mail", ['version' => 1])->assertSessionHasErrors('conflict');
    }

    public function test_what_is_measured_on_a_parcel_counts_for_the_build_and_the_catalogue(): void
    {
        $this->place($this->supplier(), [self::asked($this->line('bridge'), '85')])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $line = $order->lines()->sole();
        $this->assertContains('bridgeSpread', array_column($this->get("/stores/orders/{$order->id}")->inertiaProps('lines.0.measure'), 'value'));
        $receive = fn (array $measured): \Illuminate\Testing\TestResponse => $this->post("/stores/orders/{$order->id}/parcel", ['version' => 1, 'lines' => [$line->id => ['came' => '1']], 'measured' => [$line->id => $measured]]);
        $receive(['bridgeSpread' => 'wide'])->assertSessionHasErrors('conflict');
        $receive(['crownWidth' => '2'])->assertSessionHasErrors('conflict');
        $this->assertSame(0, ParcelLine::query()->count());
        $receive(['bridgeSpread' => '53.1', 'bridgeMass' => ''])->assertSessionHasNoErrors();
        $this->assertSame(['bridgeSpread' => '53.1'], $this->build->measurements()->pluck('value', 'field')->all());
        $this->assertSame(['bridgeSpread' => ['measured' => '53.1']], Part::query()->sole()->figures);
    }

    public function test_what_arrives_without_an_order_comes_into_the_catalogue_too(): void
    {
        $line = $this->line('bridge');
        $this->post("/kit/{$line->id}/arrival", ['version' => $line->version])->assertSessionHasNoErrors();
        $part = Part::query()->sole();
        $this->assertSame(['bridge', 'bridge', $part->id], [$part->name, $part->price_key, $line->refresh()->part_id]);
        $this->assertSame([$line->estimated_minor, 'hardware supplier'], [$part->offers()->sole()->cost_minor, $part->offers()->sole()->supplier->name]);
    }

    /** The catalogue has something else of that name: what arrives does not stumble over it, however often it comes. */
    public function test_a_name_that_is_taken_by_another_part_is_no_dead_end(): void
    {
        $this->part(['name' => 'bridge', 'group' => 'nut', 'unit' => 'set']);
        foreach ([$this->build, $this->build(promise: '2026-09-30')] as $build) {
            $line = KitLine::query()->where('build_id', $build->id)->where('name', 'bridge')->sole();
            $this->actingAs($this->manager)->post("/kit/{$line->id}/arrival", ['version' => $line->version])->assertSessionHasNoErrors();
        }
        $this->assertSame(['bridge', 'bridge, bridge, by the piece'], Part::query()->orderBy('id')->pluck('name')->all());
    }

    public function test_nothing_is_ordered_or_taken_for_a_build_that_is_over_nor_timber_as_a_part(): void
    {
        $supplier = $this->supplier();
        $this->place($supplier, [self::asked($this->line('red alder for the body'), '90')])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('is no part of the catalogue', session('errors')->first('conflict'));
        $this->place($supplier, [[...self::asked($this->line('tuner'), '90'), 'part' => $this->part(['name' => 'hard-tail', 'group' => 'bridge'])->id]])->assertSessionHasErrors('conflict');
        $part = $this->part();
        $this->stocked($part, 6, '60');
        $this->post("/builds/{$this->build->number}/call-off", ['version' => $this->build->refresh()->version, 'call_off_because' => 'moved abroad'])->assertSessionHasNoErrors();
        $line = $this->line('tuner');
        $this->place($supplier, [self::asked($line, '72')])->assertSessionHasErrors('conflict');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $part->id, 'quantity' => '6'])->assertSessionHasErrors('part');
    }
}
