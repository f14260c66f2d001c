<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Models\Build\KitLine;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Planning\Problem\TimberWaits;
use Regimen\Costing\KitState;
use Tests\TestCase;

/** What becomes of what was cut: it stands in the kit, settles, weighs, is read again and goes back. */
final class BlanksTest extends TestCase
{
    use CutsBoards;

    public function test_a_blank_goes_back_into_stock_with_what_it_cost(): void
    {
        $build = $this->build();
        $this->cut($this->takeIn())->assertSessionHasNoErrors();
        $cost = Blank::query()->sole()->cost_minor;
        $this->actingAs($this->maker)->post('/timber/blanks/1/free')->assertForbidden();
        $this->actingAs($this->manager)->post('/timber/blanks/1/free')->assertSessionHasNoErrors();
        $halves = Board::query()->latest('id')->limit(2)->get();
        $this->assertSame([$cost, [1, 1], 1], [$halves->sum('cost_minor'), $halves->pluck('lot_id')->all(), $halves->pluck('width_tenths')->unique()->count()], 'two halves are two boards');
        $line = KitLine::query()->where('build_id', $build->id)->where('group', 'body-timber')->sole();
        $this->assertSame([KitState::Needed, null], [$line->state, $line->cost_minor]);
        $this->assertContains('body', array_column($this->get('/timber')->inertiaProps('needs'), 'what'));
        $this->post('/timber/blanks/1/free')->assertSessionHasErrors('conflict');
    }

    /** m(t) = e + (m₀ − e)·exp(−t/τ): from 14 % a blank is not settled for weeks; a reading says that it is. */
    public function test_timber_that_is_too_wet_is_refused_with_the_day_and_the_plan_waits_for_it(): void
    {
        $build = $this->build();
        $finish = fn (): string => (string) $this->actingAs($this->manager)->get("/builds/{$build->number}")->inertiaProps('build.finish');
        $this->cut($this->takeIn(['moisture' => '30']))->assertSessionHasNoErrors();
        $late = $finish();
        $operation = $build->operations()->where('key', 'body.joint')->sole();
        $page = $this->get("/bench?operation={$operation->id}");
        $this->assertStringContainsString('Blank 1 for the body: red alder from board 1', $page->inertiaProps('now.timber.0'));
        $this->assertSame(0, (int) $this->post("/operations/{$operation->id}/clock", ['version' => $operation->version])->assertSessionHasErrors('clock')->getStatusCode() - 302);
        $line = $this->get('/timber')->inertiaProps('blanks.0');
        $this->assertSame([false, true], [$line['ready'], str_starts_with($line['settled'], 'ready ')]);
        $this->post('/timber/blanks/1/readings', ['moisture' => ''])->assertSessionHasErrors('moisture');
        $this->post('/timber/blanks/1/readings', ['moisture' => '140'])->assertSessionHasErrors('moisture');
        $this->post('/timber/blanks/1/readings', ['moisture' => '8.9'])->assertSessionHasNoErrors();
        $this->assertTrue($this->get('/timber')->inertiaProps('blanks.0.ready'));
        $this->assertLessThan($late, $finish());
    }

    public function test_the_lot_as_it_was_weighed_goes_into_the_weight_of_the_instrument(): void
    {
        $build = $this->build();
        $weight = fn (): float => (float) array_values(array_filter(
            $this->actingAs($this->manager)->get("/builds/{$build->number}/specification")->assertOk()->inertiaProps('worked.shown.figures'), static fn (array $one): bool => $one['key'] === 'weight',
        ))[0]['value'];
        $mean = $weight();
        // 1,100 × 350 × 52 mm at 12 kg are 599 kg/m³, where red alder has about 450.
        $this->cut($this->takeIn(['weight' => '12']))->assertSessionHasNoErrors();
        $this->assertGreaterThan(1.15 * $mean, $weight());
        // Spoiled, it is in no instrument any more, and another is to be cut.
        $line = Blank::query()->sole()->kitLine;
        $line->update(['written_off' => $line->quantity]);
        $this->assertSame($mean, $weight());
        $this->assertContains('body', array_column($this->get('/timber')->inertiaProps('needs'), 'what'));
    }

    public function test_a_roughed_neck_is_read_again_and_looked_at_when_it_is_settled(): void
    {
        $build = $this->build(['laminations' => '3']);
        $this->cut($this->takeIn(['species' => 'sugar maple', 'length' => '900', 'width' => '120', 'thickness' => '40']))->assertSessionHasNoErrors();
        $blank = Blank::query()->where('key', 'neck.0')->sole();
        $blank->kitLine->update(['state' => KitState::Used, 'used' => $blank->kitLine->quantity]);
        $this->assertSame(['neck'], array_column($this->get('/timber')->inertiaProps('blanks'), 'what'), 'what is glued and roughed is read again while it rests');
        $this->post("/timber/blanks/{$blank->id}/readings", ['moisture' => '13'])->assertSessionHasNoErrors();
        $recheck = $build->operations()->where('key', 'neck.recheck')->sole();
        $waits = app(TimberWaits::class)->release($recheck);
        $this->assertStringContainsString("blank {$blank->id} to settle", (string) $waits?->cause);
        $this->post("/timber/blanks/{$blank->id}/readings", ['moisture' => '9'])->assertSessionHasNoErrors();
        app(TimberWaits::class)->forget();
        $this->assertNull(app(TimberWaits::class)->release($recheck));
    }

    public function test_a_cover_comes_out_of_an_offcut_and_stands_in_the_kit_by_itself(): void
    {
        $build = $this->build();
        $board = $this->takeIn(['figure' => 'some curl']);
        $this->cut($board)->assertSessionHasNoErrors();
        $offcut = Board::query()->there()->where('lot_id', $board->id)->where('width_tenths', '>', 900)->firstOrFail();
        $page = $this->get("/timber/{$offcut->id}");
        $this->assertContains('cover', array_column($page->inertiaProps('serves'), 'what'));
        $this->cut($offcut)->assertSessionHasNoErrors();
        $cover = Blank::query()->where('key', 'cover.0')->sole();
        $this->assertSame(['red alder for the cover 1', 'blank', $cover->cost_minor], [$cover->kitLine->name, $cover->kitLine->unit, $cover->kitLine->cost_minor]);
        $this->assertSame($board->id, Board::query()->there()->latest('id')->firstOrFail()->lot_id, 'what is left of what was left is of the same lot');
        $this->post("/timber/blanks/{$cover->id}/free")->assertSessionHasNoErrors();
        $this->assertSame([true, 0], [$cover->kitLine->refresh()->surplus, $cover->kitLine->cost_minor]);
        $this->assertSame(9_851, (int) Blank::query()->reserved()->sum('cost_minor') + (int) Board::query()->there()->sum('cost_minor'), 'to the cent after three cuts');
        $this->assertSame(1, KitLine::query()->where('build_id', $build->id)->where('name', 'red alder for the body')->count());
    }

    public function test_a_blank_of_a_build_that_is_called_off_or_has_another_timber_now_is_told_and_goes_back(): void
    {
        $build = $this->build();
        $this->cut($this->takeIn())->assertSessionHasNoErrors();
        KitLine::query()->where('build_id', $build->id)->where('group', 'body-timber')->update(['surplus' => true]);
        $this->assertSame('not needed there any more', $this->get('/timber')->inertiaProps('blanks.0.settled'));
        $this->assertContains('body', array_column($this->get('/timber')->inertiaProps('needs'), 'what'));
        $build->update(['status' => 'called-off']);
        $this->assertSame('not needed there any more', $this->get('/timber')->inertiaProps('blanks.0.settled'));
        $this->post('/timber/blanks/1/free')->assertSessionHasNoErrors();
        $this->assertSame([[], 0], [$this->get('/timber')->inertiaProps('blanks'), (int) KitLine::query()->where('build_id', $build->id)->where('surplus', true)->sum('cost_minor')]);
    }

    public function test_timber_that_is_on_order_is_not_paid_twice_when_a_board_of_the_shop_takes_its_place(): void
    {
        $build = $this->build();
        KitLine::query()->where('build_id', $build->id)->where('group', 'body-timber')->sole()->update(['state' => 'ordered', 'expected_on' => '2026-03-30', 'cost_minor' => 50_000]);
        $toCome = function () use ($build): int {
            $figures = array_column($this->actingAs($this->manager)->get("/builds/{$build->number}")->inertiaProps('progress.figures'), 'because', 'key');

            return preg_match('/material to come ([\d,]+)\.(\d\d)/', $figures['cost-end'], $found) === 1 ? (int) (str_replace(',', '', $found[1]).$found[2]) : 0;
        };
        $before = $toCome();
        $this->cut($this->takeIn())->assertSessionHasNoErrors();
        $lines = KitLine::query()->where('build_id', $build->id)->where('group', 'body-timber')->orderBy('id')->get();
        $this->assertSame([[true, KitState::Ordered], [false, KitState::Arrived]], $lines->map(static fn (KitLine $one): array => [$one->surplus, $one->state])->all());
        $this->assertSame($before - 50_000 + Blank::query()->sole()->cost_minor, $toCome());
    }
}
