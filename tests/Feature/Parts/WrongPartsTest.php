<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOrder;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use Regimen\Costing\KitState;
use Tests\TestCase;

/** Parts that are wrong or late: sent back, replaced, fitted elsewhere, exchanged between builds. */
final class WrongPartsTest extends TestCase
{
    use KeepsParts;

    /** A bridge that came with an order, for this build, and turned out to be wrong. */
    private function wrongBridge(): StockLot
    {
        $this->place($this->supplier(), [self::asked($this->line('bridge'), '85')])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $this->receive($order, [$order->lines()->sole()->id => ['came' => '1']], '5')->assertSessionHasNoErrors();
        $line = $this->line('bridge');
        $this->post("/kit/{$line->id}/wrong", ['version' => $line->version, 'quantity' => '1', 'because' => ''])->assertSessionHasErrors('because');
        $this->post("/kit/{$line->id}/wrong", ['version' => $line->version, 'quantity' => '2', 'because' => 'x'])->assertSessionHasErrors('quantity');
        $this->actingAs($this->maker)->post("/kit/{$line->id}/wrong", ['version' => $line->version, 'quantity' => '1', 'because' => 'saddles too narrow'])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Needed, null], [$line->refresh()->state, $line->cost_minor]);
        $this->actingAs($this->manager);

        return StockLot::query()->sole();
    }

    public function test_it_goes_back_for_its_money(): void
    {
        $lot = $this->wrongBridge();
        $this->assertSame([9_000, 'saddles too narrow'], [$lot->left_minor, $lot->wrong]);
        $this->assertSame([1, 'bridge'], [count($this->get('/stores')->inertiaProps('wrong')), $this->get('/stores')->inertiaProps('wrong.0.fits.0.quantity') ? 'bridge' : '']);
        $back = fn (array $said): \Illuminate\Testing\TestResponse => $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'too narrow', 'refund' => '85', ...$said]);
        $back(['quantity' => '2'])->assertSessionHasErrors('quantity');
        $back(['refund' => '90.01'])->assertSessionHasErrors('refund');
        $back(['refund' => '£20'])->assertSessionHasErrors('refund');
        $this->actingAs($this->maker);
        $back([])->assertForbidden();
        $this->actingAs($this->manager);
        $back([])->assertSessionHasNoErrors();
        $this->assertSame([0, 0], [$lot->refresh()->left, $lot->left_minor]);
        $this->assertSame([8_500, -9_000], [StockMovement::query()->latest('id')->first()?->refund_minor, StockMovement::query()->latest('id')->first()?->cost_minor]);
        $back([])->assertSessionHasErrors('quantity');
        $this->assertEquals(1, $this->get('/stores/orders/'.PartOrder::query()->sole()->id)->inertiaProps('lines.0.sentBack'));
        $this->assertBooksAreRight();
    }

    public function test_it_is_replaced_and_the_kit_waits_for_the_new_one(): void
    {
        $lot = $this->wrongBridge();
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'too narrow', 'replaced_by' => '2026-03-01'])->assertSessionHasErrors('replaced_by');
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'too narrow', 'replaced_by' => '2026-04-02'])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $this->assertSame([null, KitState::Ordered, '2026-04-02'], [$order->closed_at, $this->line('bridge')->state, $this->line('bridge')->expected_on]);
        $this->receive($order, [$order->lines()->sole()->id => ['came' => '1', 'cost' => '0']])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Arrived, 0], [$this->line('bridge')->state, $this->line('bridge')->cost_minor]);
        $this->assertBooksAreRight();
    }

    public function test_what_never_came_with_an_order_cannot_be_sent_back(): void
    {
        $line = $this->line('bridge');
        $this->post("/kit/{$line->id}/arrival", ['version' => $line->version]);
        $this->post("/kit/{$line->id}/wrong", ['version' => $line->refresh()->version, 'quantity' => '1', 'because' => 'bent'])->assertSessionHasNoErrors();
        $lot = StockLot::query()->sole();
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'bent'])->assertSessionHasErrors('quantity');
        $this->assertStringContainsString('came with no order', session('errors')->first('quantity'));
        $this->post("/stores/wrong/{$lot->id}/as-it-is", ['because' => ''])->assertSessionHasErrors('because');
        $this->post("/stores/wrong/{$lot->id}/as-it-is", ['because' => 'straightened'])->assertSessionHasNoErrors();
        $this->assertSame('', $lot->refresh()->wrong);
        $this->post("/stores/wrong/{$lot->id}/as-it-is", ['because' => 'again'])->assertSessionHasErrors('conflict');
        $this->post("/kit/{$line->id}/wrong", ['version' => $line->refresh()->version, 'quantity' => '1', 'because' => 'bent'])->assertSessionHasErrors('quantity');
    }

    public function test_it_is_fitted_with_its_consequences_and_what_was_measured_counts(): void
    {
        $lot = $this->wrongBridge();
        $this->post("/stores/parts/{$lot->part_id}/figures", ['field' => 'bridgeSpread', 'kind' => 'measured', 'value' => '62'])->assertSessionHasNoErrors();
        $fits = $this->get('/stores')->inertiaProps('wrong.0.fits.0');
        $this->assertSame(['Outer string at the board’s edge'], $fits['consequences']);
        $line = $this->line('bridge');
        $this->post("/stores/wrong/{$lot->id}/fit", ['line' => $line->id, 'version' => 99, 'quantity' => '1'])->assertSessionHasErrors('conflict');
        $this->post("/stores/wrong/{$lot->id}/fit", ['line' => $line->id, 'version' => $line->version, 'quantity' => '1'])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Arrived, 9_000], [$this->line('bridge')->state, $this->line('bridge')->cost_minor]);
        $this->assertSame(['bridgeSpread' => '62'], $this->build->measurements()->pluck('value', 'field')->all());
        $this->assertSame([], $this->get('/stores')->inertiaProps('wrong'));
        $this->assertBooksAreRight();
    }

    public function test_a_late_part_says_what_it_endangers_and_what_would_help(): void
    {
        $other = $this->build(['wishes' => ''], '2026-09-30');
        foreach ([$this->build, $other] as $build) {
            KitLine::query()->where('build_id', $build->id)->where('name', 'pickup')->update(['state' => 'needed']);
        }
        $this->supplier();
        $winder = $this->supplier(['name' => 'the winder', 'express_days' => '4', 'express' => '30']);
        $quick = $this->supplier(['name' => 'the quick one']);
        $this->place($winder, [self::asked($this->line('pickup'), '190')], '2026-03-25')->assertSessionHasNoErrors();
        $part = Part::query()->where('name', 'pickup')->sole();
        foreach ([[$winder, '95', '18'], [$quick, '120', '3']] as [$who, $cost, $days]) {
            $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $who->id, 'cost' => $cost, 'lead_days' => $days])->assertSessionHasNoErrors();
        }
        $stand = $this->part(['name' => 'soapbar', 'group' => 'pickups']);
        $this->put("/stores/parts/{$part->id}/known", ['name' => 'pickup', 'group' => 'pickups', 'unit' => 'piece', 'version' => $part->refresh()->version, 'alternatives' => [$stand->id]])->assertSessionHasNoErrors();
        $this->stocked($stand, 2, '150');
        $theirs = KitLine::query()->where('build_id', $other->id)->where('name', 'pickup')->sole();
        $this->post("/kit/{$theirs->id}/arrival", ['version' => $theirs->version])->assertSessionHasNoErrors();
        $this->at('2026-04-01 09:00');
        $late = $this->get('/stores')->assertOk()->inertiaProps('late');
        $this->assertSame(['pickup', '2026-03-25'], [$late[0]['name'], $late[0]['expectedOn']]);
        $this->assertGreaterThan('2026-04-01', $late[0]['likelyOn']);
        $this->assertStringContainsString('planned to be finished', $late[0]['endangers']);
        $helps = collect($late[0]['helps']);
        $this->assertNotNull($helps->first(static fn (array $one): bool => str_contains($one['words'], 'Take soapbar out of stock') && $one['part'] === $stand->id));
        $this->assertNotNull($helps->first(static fn (array $one): bool => str_contains($one['words'], 'Order pickup from the quick one') && str_contains($one['words'], '240.00 EUR')));
        $this->assertNotNull($helps->first(static fn (array $one): bool => str_contains($one['words'], 'Ask the winder for express, 4 days, 30.00 EUR more')));
        $swap = $helps->first(static fn (array $one): bool => ($one['change']['kind'] ?? '') === 'swap-parts');
        $this->assertNotNull($swap);
        $this->assertStringNotContainsString('EUR', json_encode($this->actingAs($this->maker)->get('/stores')->inertiaProps('late'), JSON_THROW_ON_ERROR));

        // Tried beside the plan nothing moves; applied, the two parts change places and can change back.
        $this->actingAs($this->manager)->post('/plan/try/with', ['name' => 'swap', 'changes' => [$swap['change']]])->assertSessionHasNoErrors()->assertRedirect();
        $this->assertSame(KitState::Ordered, $this->line('pickup')->state);
        $this->post('/plan/changes', ['changes' => [$swap['change']]])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Arrived, KitState::Ordered], [$this->line('pickup')->state, KitLine::query()->where('build_id', $other->id)->where('name', 'pickup')->sole()->state]);
        $this->assertSame('No. '.$other->number.' Fennimore', $this->get('/stores/orders/1')->inertiaProps('lines.0.for'), 'the order knows for whom it is now');
        $this->post('/plan/changes', ['changes' => [$swap['change']]])->assertSessionHasNoErrors();
        $this->assertSame(KitState::Ordered, $this->line('pickup')->state);
        $this->post('/plan/changes', ['changes' => [['kind' => 'swap-parts', 'line' => $this->line('pickup')->id, 'other' => $this->line('bridge')->id]]])->assertSessionHasErrors();

        // What lies in the drawer is taken at once, and what is on order goes there when it comes.
        $line = $this->line('pickup');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $stand->id, 'quantity' => '2'])->assertSessionHasNoErrors();
        $this->assertSame([], $this->get('/stores')->inertiaProps('late'));
        $order = PartOrder::query()->orderBy('id')->firstOrFail();
        $this->receive($order, [$order->lines()->sole()->id => ['came' => '2']])->assertSessionHasNoErrors();
        $this->assertSame(2_000, (int) StockLot::query()->whereBelongsTo(Part::query()->where('name', 'pickup')->sole())->sum('left'));
        $this->assertBooksAreRight();
    }

    /** Five of six came, one of them wrong: its replacement and the sixth come together, and nobody waits for more. */
    public function test_a_replacement_comes_with_what_is_still_missing(): void
    {
        $this->place($this->supplier(), [self::asked($this->line('tuner'), '72')])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $line = $order->lines()->sole();
        $this->receive($order, [$line->id => ['came' => '5', 'wrong' => '1', 'because' => 'bent']])->assertSessionHasNoErrors();
        $lot = StockLot::query()->sole();
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'bent', 'replaced_by' => '2026-04-02'])->assertSessionHasNoErrors();
        $tuners = fn (): array => KitLine::query()->where('build_id', $this->build->id)->where('name', 'tuner')->orderBy('state')->get()->map(static fn (KitLine $one): array => [(float) $one->quantity, $one->state->value])->all();
        $this->assertSame([[4.0, 'arrived'], [2.0, 'ordered']], $tuners());
        $this->receive($order, [$line->id => ['came' => '2', 'cost' => '12']])->assertSessionHasNoErrors();
        $this->assertEqualsCanonicalizing([[4.0, 'arrived'], [2.0, 'arrived']], $tuners());
        $this->assertNotNull($order->refresh()->closed_at);
        $this->assertBooksAreRight();
    }

    public function test_a_part_of_what_came_in_two_parcels_can_be_sent_back(): void
    {
        $this->place($this->supplier(), [self::asked($this->line('tuner'), '72')])->assertSessionHasNoErrors();
        $order = PartOrder::query()->sole();
        $line = $order->lines()->sole();
        $this->receive($order, [$line->id => ['came' => '4']])->assertSessionHasNoErrors();
        $there = KitLine::query()->where('name', 'tuner')->where('state', 'arrived')->sole();
        $this->post("/kit/{$there->id}/wrong", ['version' => $there->version, 'quantity' => '1', 'because' => 'stiff'])->assertSessionHasNoErrors();
        $lot = StockLot::query()->sole();
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'stiff', 'refund' => '12.01'])->assertSessionHasErrors('refund');
        $this->post("/stores/wrong/{$lot->id}/send-back", ['quantity' => '1', 'because' => 'stiff', 'refund' => '12'])->assertSessionHasNoErrors();
        $this->assertBooksAreRight();
    }

    public function test_what_is_on_order_comes_for_stock_as_far_as_the_kit_took_others(): void
    {
        $part = $this->part(['name' => 'spare tuner']);
        $this->stocked($part, 2, '20');
        $this->place($this->supplier(['name' => 'another']), [self::asked($this->line('tuner'), '72')])->assertSessionHasNoErrors();
        $order = PartOrder::query()->latest('id')->firstOrFail();
        $line = $this->line('tuner');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $part->id, 'quantity' => '2'])->assertSessionHasNoErrors();
        $this->receive($order, [$order->lines()->sole()->id => ['came' => '6']])->assertSessionHasNoErrors();
        $kit = KitLine::query()->where('build_id', $this->build->id)->where('name', 'tuner')->where('surplus', false)->get();
        $this->assertEquals([6, 'arrived'], [$kit->sum('quantity'), $kit->map(static fn (KitLine $one): string => $one->state->value)->unique()->sole()]);
        $this->assertSame([2_000, 2_400], [(int) StockLot::query()->whereBelongsTo(Part::query()->where('name', 'tuner')->sole())->sum('left'), (int) StockLot::query()->whereBelongsTo(Part::query()->where('name', 'tuner')->sole())->sum('left_minor')]);
        $this->assertBooksAreRight();
    }
}
