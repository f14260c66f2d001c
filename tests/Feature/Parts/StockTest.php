<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Parts\Part;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use Regimen\Costing\KitState;
use Tests\TestCase;

/** What lies in the drawers: taken for builds, put back, used, counted, thrown away. */
final class StockTest extends TestCase
{
    use KeepsParts;

    public function test_a_kit_takes_what_it_needs_out_of_stock_at_what_it_cost_and_with_what_was_measured(): void
    {
        $part = $this->part();
        $this->stocked($part, 4, '40.01');
        $this->stocked($part, 6, '72');
        $this->post("/stores/parts/{$part->id}/figures", ['field' => 'tunerHole', 'kind' => 'sheet', 'value' => '10'])->assertSessionHasNoErrors();
        $this->post("/stores/parts/{$part->id}/figures", ['field' => 'tunerHole', 'kind' => 'measured', 'value' => '9.9'])->assertSessionHasNoErrors();
        $this->post("/stores/parts/{$part->id}/figures", ['field' => 'tunerMass', 'kind' => 'sheet', 'value' => '40'])->assertSessionHasNoErrors();
        $line = $this->line('tuner');
        $take = fn (string $quantity, ?int $version = null): \Illuminate\Testing\TestResponse => $this->post("/kit/{$line->id}/from-stock", ['version' => $version ?? $line->refresh()->version, 'part' => $part->id, 'quantity' => $quantity]);
        $take('7')->assertSessionHasErrors('quantity');
        $take('1.5')->assertSessionHasErrors('quantity');
        $take('6', 99)->assertSessionHasErrors('conflict');
        $this->actingAs($this->maker);
        $take('6')->assertSessionHasNoErrors();
        $line->refresh();
        $this->assertSame([KitState::Arrived, 4_001 + 2_400, $part->id], [$line->state, $line->cost_minor, $line->part_id], 'the older lot first, each at its own cost');
        $this->assertSame(['tunerHole' => '9.9'], Measurement::query()->where('kit_line_id', $line->id)->pluck('value', 'field')->all(), 'what was measured, not what the data sheet says');
        $take('1')->assertSessionHasErrors('part');
        $this->assertBooksAreRight();
        $shown = $this->actingAs($this->manager)->get('/stores/parts')->inertiaProps('parts.0');
        $this->assertEquals([4, 6], [$shown['free'], $shown['reserved']]);

        $this->actingAs($this->maker)->post("/kit/{$line->id}/back", ['version' => $line->version])->assertForbidden();
        $this->actingAs($this->manager)->post("/kit/{$line->id}/back", ['version' => $line->version])->assertSessionHasNoErrors();
        $this->assertSame([KitState::Needed, null], [$line->refresh()->state, $line->cost_minor]);
        $this->assertSame(11_201, (int) StockLot::query()->sum('left_minor'), 'nothing is lost on the way there and back');
        $this->assertBooksAreRight();
    }

    public function test_with_fewer_than_it_needs_the_rest_stays_needed(): void
    {
        $part = $this->part();
        $this->stocked($part, 4, '40');
        $line = $this->line('tuner');
        $estimated = $line->estimated_minor;
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $part->id, 'quantity' => '5'])->assertSessionHasErrors('quantity');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $part->id, 'quantity' => '4'])->assertSessionHasNoErrors();
        $lines = KitLine::query()->where('build_id', $this->build->id)->where('name', 'tuner')->orderBy('id')->get();
        $this->assertEquals([[2, KitState::Needed], [4, KitState::Arrived]], $lines->map(static fn (KitLine $one): array => [$one->quantity, $one->state])->all());
        $this->assertSame($estimated, (int) $lines->sum('estimated_minor'));
        // A change of the specification finds both, and orders no seventh.
        $this->post("/builds/{$this->build->number}/route/derive", ['version' => $this->build->refresh()->route_version])->assertSessionHasNoErrors();
        $this->assertEquals(6, KitLine::query()->where('build_id', $this->build->id)->where('name', 'tuner')->sum('quantity'));
    }

    public function test_what_does_not_fit_the_kit_is_refused(): void
    {
        $bridge = $this->part(['name' => 'hard-tail', 'group' => 'bridge']);
        $set = $this->part(['name' => 'tuners in a set', 'unit' => 'set']);
        $line = $this->line('tuner');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $bridge->id, 'quantity' => '1'])->assertSessionHasErrors(['part' => '“hard-tail” is not for the tuners.']);
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $set->id, 'quantity' => '1'])->assertSessionHasErrors('part');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => 999, 'quantity' => '1'])->assertSessionHasErrors('part');
    }

    public function test_consumables_are_charged_by_use_or_by_share_as_the_house_decides(): void
    {
        $wire = $this->part(['name' => 'cloth wire', 'group' => 'electronics', 'unit' => 'm']);
        $glue = $this->part(['name' => 'hide glue', 'group' => 'consumables', 'unit' => 'g', 'by_use' => '0']);
        $this->stocked($wire, 10, '12');
        $this->stocked($glue, 500, '15');
        $use = fn (Part $part, array $said): \Illuminate\Testing\TestResponse => $this->actingAs($this->maker)->post("/stores/parts/{$part->id}/use", $said);
        $use($wire, ['quantity' => '11', 'build' => $this->build->number])->assertSessionHasErrors('quantity');
        $use($wire, ['quantity' => '1'])->assertSessionHasErrors('build');
        $use($wire, ['quantity' => '1.25', 'build' => $this->build->number])->assertSessionHasNoErrors();
        $line = $this->line('cloth wire, by use');
        $this->assertSame([150, KitState::Used], [$line->cost_minor, $line->state]);
        $use($glue, ['quantity' => '40', 'build' => $this->build->number])->assertSessionHasErrors('build');
        $use($glue, ['quantity' => '40'])->assertSessionHasNoErrors();
        $this->actingAs($this->manager)->post("/builds/{$this->build->number}/route/derive", ['version' => $this->build->refresh()->route_version])->assertSessionHasNoErrors();
        $this->assertFalse($line->refresh()->surplus, 'what was used is not left over because the specification does not name it');
        $this->assertBooksAreRight();
    }

    public function test_a_stocktake_books_what_differs_and_notices_what_is_taken_meanwhile(): void
    {
        $tuner = $this->part();
        $wire = $this->part(['name' => 'cloth wire', 'group' => 'electronics', 'unit' => 'm']);
        $this->stocked($tuner, 8, '88');
        $this->stocked($wire, 10, '12');
        $seen = collect($this->get('/stores/parts')->inertiaProps('parts'))->pluck('seen', 'id')->all();
        $count = function (array $counted) use (&$seen): \Illuminate\Testing\TestResponse {
            return $this->actingAs($this->maker)->post('/stores/count', ['counted' => $counted, 'seen' => array_intersect_key($seen, $counted), 'because' => 'year’s end']);
        };
        $this->post("/stores/parts/{$wire->id}/use", ['quantity' => '2', 'because' => 'mended the lamp'])->assertSessionHasNoErrors();
        $count([$tuner->id => '7', $wire->id => '10'])->assertSessionHasErrors(["counted.{$wire->id}" => '2 m were taken while you counted. Count it again.', 'conflict']);
        $this->assertSame(8_000, (int) StockLot::query()->whereBelongsTo($tuner)->sum('left'), 'all that was counted, or nothing');
        $count([$tuner->id => '7.5'])->assertSessionHasErrors("counted.{$tuner->id}");
        $count([$tuner->id => '-1'])->assertSessionHasErrors("counted.{$tuner->id}");
        $count([])->assertSessionHasErrors('counted');
        $seen = collect($this->get('/stores/parts')->inertiaProps('parts'))->pluck('seen', 'id')->all();
        $count([$tuner->id => '7', $wire->id => '8,5'])->assertSessionHasNoErrors();
        $this->assertSame([7_000, 8_500], [(int) StockLot::query()->whereBelongsTo($tuner)->sum('left'), (int) StockLot::query()->whereBelongsTo($wire)->sum('left')]);
        $this->assertSame([-1_100, 60], StockMovement::query()->where('kind', 'counted')->orderBy('id')->pluck('cost_minor')->all(), 'less at what it cost, more at what the last of it cost');
        $this->assertBooksAreRight();
    }

    public function test_what_has_gone_by_is_not_offered_and_told_before(): void
    {
        $glue = $this->part(['name' => 'hide glue', 'group' => 'consumables', 'unit' => 'g', 'by_use' => '0']);
        $lot = $this->stocked($glue, 500, '15');
        $this->post("/stores/lots/{$lot->id}/open", ['opened_on' => '2026-04-01'])->assertSessionHasErrors('opened_on');
        $this->post("/stores/lots/{$lot->id}/open", ['opened_on' => '2026-03-10', 'best_before' => '2026-03-25'])->assertSessionHasNoErrors();
        $this->assertSame(['500 g of hide glue: keeps until Wed 25 Mar'], $this->get('/stores')->inertiaProps('over'));
        $this->at('2026-03-26 09:00');
        $this->assertStringContainsString('gone by', $this->get('/stores')->inertiaProps('over.0'));
        $this->post("/stores/parts/{$glue->id}/use", ['quantity' => '10'])->assertSessionHasErrors('quantity');
        $this->actingAs($this->maker)->post("/stores/lots/{$lot->id}/throw-away", ['quantity' => '500', 'because' => 'gone by'])->assertForbidden();
        $this->actingAs($this->manager)->post("/stores/lots/{$lot->id}/throw-away", ['quantity' => '501', 'because' => 'gone by'])->assertSessionHasErrors('quantity');
        $this->post("/stores/lots/{$lot->id}/throw-away", ['quantity' => '500', 'because' => ''])->assertSessionHasErrors('because');
        $this->post("/stores/lots/{$lot->id}/throw-away", ['quantity' => '500', 'because' => 'gone by'])->assertSessionHasNoErrors();
        $this->assertSame([], $this->get('/stores')->inertiaProps('over'));
        $this->assertBooksAreRight();
    }

    public function test_the_catalogue_refuses_what_cannot_be(): void
    {
        $part = $this->part();
        $this->post('/stores/catalogue', ['name' => 'sealed tuner', 'group' => 'tuners', 'unit' => 'piece'])->assertSessionHasErrors(['name' => '“sealed tuner” stands in the catalogue already.']);
        $this->post('/stores/catalogue', ['name' => 'a plank', 'group' => 'neck-timber', 'unit' => 'piece'])->assertSessionHasErrors('group');
        $this->post('/stores/catalogue', ['name' => 'x', 'group' => 'tuners', 'unit' => 'two words'])->assertSessionHasErrors('unit');
        $this->post("/stores/parts/{$part->id}/figures", ['field' => 'tunerHole', 'kind' => 'measured', 'value' => 'wide'])->assertSessionHasErrors('value');
        $this->post("/stores/parts/{$part->id}/figures", ['field' => 'crownWidth', 'kind' => 'measured', 'value' => '2'])->assertSessionHasErrors('field');
        $supplier = $this->supplier();
        $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $supplier->id, 'cost' => '$12', 'lead_days' => '5'])->assertSessionHasErrors(['cost' => '“$12” is in another currency. The shop reckons in EUR: write what it comes to in that.']);
        $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $supplier->id, 'cost' => '12', 'lead_days' => '5', 'number' => 'B-77'])->assertSessionHasNoErrors();
        $this->actingAs($this->maker)->post('/stores/catalogue', ['name' => 'y', 'group' => 'tuners', 'unit' => 'piece'])->assertForbidden();
        $this->assertNull($this->get("/stores/parts/{$part->id}")->assertOk()->inertiaProps('offers.0.cost'), 'makers see no money');
        $this->actingAs($this->manager);
        $this->stocked($part, 2, '20');
        $known = ['name' => 'sealed tuner', 'group' => 'tuners', 'unit' => 'set', 'version' => $part->refresh()->version];
        $this->put("/stores/parts/{$part->id}/known", $known)->assertSessionHasErrors('unit');
        $this->post("/stores/parts/{$part->id}/gone", ['version' => $part->version])->assertSessionHasErrors('conflict');
        $this->put("/stores/parts/{$part->id}/known", [...$known, 'unit' => 'piece', 'version' => 1])->assertSessionHasErrors('conflict');
        $this->put("/stores/parts/{$part->id}/known", [...$known, 'unit' => 'piece', 'least' => '4'])->assertSessionHasNoErrors();
        $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $supplier->id, 'cost' => '13', 'lead_days' => '5', 'number' => 'B-77'])->assertSessionHas('done', 'Written down.');
        $short = collect($this->get('/stores')->inertiaProps('proposals'))->flatMap(static fn (array $one): array => $one['lines'])->firstWhere('name', 'sealed tuner');
        $this->assertSame(['sealed tuner', null, 'B-77'], [$short['name'], $short['line'], $short['number']]);
        $this->assertStringStartsWith('for stock: 2 pieces there, ordered again at 4', $short['for']);
    }

    /** The other way: what every lot still holds, and what every movement came to. */
    public function test_what_the_stores_are_worth_adds_up_month_by_month(): void
    {
        $part = $this->part();
        $this->stocked($part, 7, '100.01');
        $this->at('2026-04-07 09:00');
        $line = $this->line('tuner');
        $this->post("/kit/{$line->id}/from-stock", ['version' => $line->version, 'part' => $part->id, 'quantity' => '6'])->assertSessionHasNoErrors();
        $this->at('2026-05-04 09:00');
        $this->post('/stores/count', ['counted' => [$part->id => '0'], 'seen' => [$part->id => StockMovement::query()->max('id')]])->assertSessionHasNoErrors();
        $this->actingAs($this->maker)->get('/stores/values')->assertForbidden();
        $page = $this->actingAs($this->manager)->get('/stores/values')->assertOk();
        $this->assertSame(
            [['2026-05', '14.29', '', '-14.29', '0.00'], ['2026-04', '100.01', '-85.72', '', '14.29'], ['2026-03', '0.00', '', '', '100.01']],
            array_map(static fn (array $one): array => [$one['month'], $one['opening'], $one['taken'] === '0.00' ? '' : $one['taken'], $one['lost'] === '0.00' ? '' : $one['lost'], $one['closing']], $page->inertiaProps('months')),
        );
        $this->assertSame('The stores are worth 0.00 EUR', $page->inertiaProps('headline'));
        $bound = collect($page->inertiaProps('now'))->firstWhere('what', 'In kits of builds in the making');
        $kit = KitLine::query()->where('build_id', $this->build->id)->whereIn('state', ['arrived', 'used'])->get()->sum(static fn (KitLine $one): int => $one->costMinor());
        $this->assertSame(number_format($kit / 100, 2), $bound['value']);
        $this->assertBooksAreRight();
    }

    /** Its build was called off: what lies in its kit is nobody's any more. */
    public function test_what_lies_in_the_kit_of_a_build_that_was_called_off_goes_into_stock(): void
    {
        $line = $this->line('bridge');
        $this->post("/kit/{$line->id}/arrival", ['version' => $line->version])->assertSessionHasNoErrors();
        $this->post("/builds/{$this->build->number}/call-off", ['version' => $this->build->refresh()->version, 'call_off_because' => 'the client moved abroad'])->assertSessionHasNoErrors();
        $shown = collect($this->get("/builds/{$this->build->number}")->inertiaProps('kit'))->firstWhere('id', $line->id);
        $this->assertTrue($shown['canGoBack']);
        $this->post("/kit/{$line->id}/back", ['version' => $line->refresh()->version])->assertSessionHasNoErrors();
        $this->assertSame([1_000, $line->estimated_minor], [(int) StockLot::query()->sum('left'), (int) StockLot::query()->sum('left_minor')]);
        $this->assertBooksAreRight();
    }

    public function test_a_rise_of_what_a_supplier_asks_says_what_it_does_to_kits_and_glue_that_has_gone_by_is_told_at_the_bench(): void
    {
        $supplier = $this->supplier();
        $part = $this->part(['name' => 'tuner']);
        $offer = fn (string $cost): \Illuminate\Testing\TestResponse => $this->post("/stores/parts/{$part->id}/offers", ['supplier' => $supplier->id, 'cost' => $cost, 'lead_days' => '5']);
        $offer('12')->assertSessionHas('done', 'Written down.');
        $offer('13.50')->assertSessionHas('done', 'Written down. 1 build in the making still needs it: 9.00 more than it was quoted at.');
        $glue = $this->part(['name' => 'hide glue', 'group' => 'consumables', 'unit' => 'g', 'by_use' => '0', 'place' => 'drawer G1']);
        $lot = $this->stocked($glue, 500, '15');
        $this->post("/stores/lots/{$lot->id}/open", ['best_before' => '2026-03-01'])->assertSessionHasNoErrors();
        $glued = \App\Models\Build\Operation::query()->where('build_id', $this->build->id)->where('hold_kind', 'glue')->firstOrFail();
        $this->assertSame(['hide glue in drawer G1: best before Sun 1 Mar 2026, gone by'], $this->get("/bench?operation={$glued->id}")->inertiaProps('now.timber'));
        $this->assertSame([], $this->get('/bench?operation='.$this->operation($this->build, 'design.draw')->id)->inertiaProps('now.timber'));
    }
}
