<?php

declare(strict_types=1);

namespace Tests\Feature\Setback;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Costing\KitState;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** Something goes wrong: told, tried beside the plan, decided. */
final class SetbackTest extends TestCase
{
    use Spoiled;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @return array<string, mixed> the remedy as the page lists it */
    private function offered(Setback $setback, string $do, string $option = ''): array
    {
        $all = $this->actingAs($this->manager)->get("/setbacks/{$setback->id}")->assertOk()->inertiaProps('remedies');

        return collect($all)->first(static fn (array $one): bool => $one['do'] === $do && ($option === '' || $one['option'] === $option)) ?? [];
    }

    public function test_a_spoiled_board_is_told_within_a_minute_and_its_page_says_what_is_in_it(): void
    {
        $build = $this->underWay();
        $setback = $this->tell($build);
        $this->assertSame(['slot-off', 'fretboard', 'hand', 'Indian rosewood', 'saw-and-planer'], [$setback->mishap->value, $setback->piece?->value, $setback->cause->value, $setback->timber, $setback->station]);
        $head = $this->get("/setbacks/{$setback->id}")->assertOk()->inertiaProps('setback');
        $this->assertSame([110, 'Nothing is glued to it yet.', null], [$head['atStakeMinutes'], $head['joined'], $head['atStakeMoney']], 'a maker sees no money');
        $this->assertNotNull($this->actingAs($this->manager)->get("/setbacks/{$setback->id}")->inertiaProps('setback.atStakeMoney'));
        $this->assertSame('The ninth slot is sawn two millimetres off its place', $this->get('/today')->inertiaProps('wrong.0.text'));
        $this->assertSame(['mend', 'again', 'keep', 'write-off'], array_column($this->get("/setbacks/{$setback->id}")->inertiaProps('remedies'), 'do'));
    }

    public function test_a_new_board_opens_its_operations_orders_its_timber_and_its_hours_go_to_the_loss_account(): void
    {
        $build = $this->underWay();
        $before = $this->cost($build);
        $setback = $this->tell($build);
        $this->assertSame(['Indian rosewood fretboard blank'], array_map(static fn (string $part): string => preg_replace('/ (from|\d+ days).*/', '', $part) ?? '', $this->offered($setback, 'again')['parts']));
        $this->decide($setback, ['do' => 'again', 'old' => 'write-off'])->assertSessionHasNoErrors();

        foreach (array_keys(self::BOARD) as $key) {
            $this->assertSame(OperationState::Open, $this->operation($build, $key)->state, $key);
        }
        $this->assertSame(SetbackState::Decided, $setback->refresh()->state);
        $after = $this->cost($build);
        $board = (int) KitLine::query()->where('build_id', $build->id)->where('name', 'Indian rosewood fretboard blank')->value('cost_minor');
        $this->assertSame(5_500 + $board, $after['lost'], '110 minutes at 30.00 an hour, and the board');
        $this->assertSame($before['build'] - 5_500 - $board, $after['build'], 'and they have left the cost of the build');
        $this->assertSame($board, $setback->lost_material_minor);
        $again = KitLine::query()->where('build_id', $build->id)->where('name', 'Indian rosewood fretboard blank, again')->sole();
        $this->assertSame([KitState::Needed, 1.0], [$again->state, $again->quantity]);
        $this->assertSame(PieceState::WrittenOff, MadePiece::query()->sole()->state);
        $this->assertSame('5,500', number_format((int) round((float) TimeEntry::query()->where('setback_id', $setback->id)->sum(DB::raw('minutes * rate_minor / 60.0')))));
        $this->assertStringContainsString('a new fretboard', (string) LogEntry::query()->where('kind', 'setback')->orderByDesc('id')->value('text'));
        $this->assertNotNull($setback->finish_after);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function remedies(): iterable
    {
        yield 'mend' => [['do' => 'mend', 'option' => '0']];
        yield 'again' => [['do' => 'again', 'old' => 'write-off']];
        yield 'from another build' => [['do' => 'build', 'option' => '2', 'old' => 'keep', 'place' => 'rack']];
        yield 'from stock' => [['do' => 'stock', 'option' => '1', 'old' => 'write-off']];
        yield 'fewer frets' => [['do' => 'left', 'option' => 'fewer']];
        yield 'write it off' => [['do' => 'write-off']];
        yield 'leave it' => [['do' => 'keep', 'because' => 'it lies under the binding']];
    }

    /** @param  array<string, mixed>  $remedy */
    #[DataProvider('remedies')]
    public function test_what_is_tried_beside_the_plan_is_what_comes_of_it(array $remedy): void
    {
        $build = $this->underWay(['joinFret' => '14', 'overhang' => '8']);
        $other = $this->underWay(['joinFret' => '14']);
        $third = $this->underWay(['joinFret' => '14'], promise: '2026-08-31');
        // One in stock: it was left over when the third made another.
        $spare = $this->tell($third);
        $this->decide($spare, ['do' => 'again', 'old' => 'keep', 'place' => 'top rack'])->assertSessionHasNoErrors();
        MadePiece::query()->update(['good_to_fret' => null]);
        $setback = $this->tell($build, ['fret' => '20']);
        $plans = DB::table('plans')->count();
        $tried = $this->actingAs($this->manager)->postJson("/setbacks/{$setback->id}/try", $remedy)->assertOk()->json();
        $this->assertNull($tried['refused']);
        $this->assertSame([$plans, SetbackState::Open], [DB::table('plans')->count(), $setback->refresh()->state], 'trying changes nothing');

        $this->decide($setback, $remedy)->assertSessionHasNoErrors();
        $finish = app(Planner::class)->inForce()->finish(\Regimen\Schedule\Problem\BuildId::of($build->id)->number);
        $day = $finish === null || $build->refresh()->status !== BuildStatus::Open ? null
            : \App\Support\Minutes::toInstant($finish)->setTimezone('Europe/Berlin')->toDateString();
        $this->assertSame($tried['after'], $day);
        $this->assertSame(2, Build::query()->open()->whereKey([$other->id, $third->id])->count());
    }

    public function test_what_is_mended_goes_on_the_route_ahead_of_what_comes_next_and_its_hours_are_a_loss(): void
    {
        $build = $this->underWay();
        $before = $this->cost($build);
        $setback = $this->tell($build);
        $this->decide($setback, ['do' => 'mend', 'option' => '0'])->assertSessionHasNoErrors();
        $steps = Operation::query()->where('setback_id', $setback->id)->orderBy('position')->get();
        $this->assertSame(['glue a strip of the board’s timber into the slot', 'level it, saw the slot again'], $steps->pluck('name')->all());
        $taper = $this->operation($build, 'fretboard.taper');
        $this->assertSame(1, DB::table('operation_links')->where('before_id', $steps[1]?->id)->where('after_id', $taper->id)->count());
        TimeEntry::query()->create(['operation_id' => $steps[0]?->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-18', 'minutes' => 20, 'rate_minor' => 3_000, 'source' => 'afterwards']);
        $this->assertSame(['build' => $before['build'], 'lost' => 1_000], $this->cost($build));
        $this->assertSame(20, $this->get("/setbacks/{$setback->id}")->inertiaProps('setback.lostMinutes'));
        $this->decide($this->tell($build), ['do' => 'mend', 'name' => 'burnish it in', 'labour' => '0:25', 'hold' => ''])->assertSessionHasNoErrors();
        $this->assertSame(25, Operation::query()->where('name', 'burnish it in')->sole()->labour_minutes);
    }

    public function test_fewer_frets_become_a_revision_that_is_released_and_are_refused_where_the_board_would_end_before_the_body(): void
    {
        $build = $this->underWay(['joinFret' => '14']);
        $setback = $this->tell($build, ['fret' => '22']);
        $this->assertSame([], $this->offered($setback, 'left')['cannot']);
        $this->decide($setback, ['do' => 'left', 'option' => 'fewer'])->assertSessionHasNoErrors();
        $revision = $build->refresh()->specification;
        $this->assertSame([2, '21'], [$revision->number, $revision->client['frets']]);
        $this->assertTrue($revision->isReleased());
        $this->assertSame(OperationState::Done, $this->operation($build, 'fretboard.slots')->state, 'the board is the same');

        $short = $this->underWay(['joinFret' => '16']);
        $spoiled = $this->tell($short, ['fret' => '14']);
        $this->assertSame(['the body begins at fret 16, and the board would end before it'], $this->offered($spoiled, 'left', 'fewer')['cannot']);
        $this->decide($spoiled, ['do' => 'left', 'option' => 'fewer'])->assertSessionHasErrors('remedy');
        $this->assertSame(SetbackState::Open, $spoiled->refresh()->state);
    }

    public function test_a_piece_that_does_not_fit_is_named_with_what_does_not_and_cannot_be_chosen(): void
    {
        $build = $this->underWay();
        $this->underWay(['scale' => '630']);
        $setback = $this->tell($build);
        $offer = $this->offered($setback, 'build');
        $this->assertSame('the fretboard of 2', $offer['name']);
        $this->assertSame(['Scale: 630 mm, 647.7 mm needed'], $offer['cannot']);
        $this->decide($setback, ['do' => 'build', 'option' => '2'])->assertSessionHasErrors('remedy');
        $this->assertNotNull($this->postJson("/setbacks/{$setback->id}/try", ['do' => 'build', 'option' => '2'])->assertOk()->json('refused'));
    }

    public function test_an_instrument_is_written_off_with_all_its_hours_and_what_was_not_used_is_left_over(): void
    {
        $build = $this->underWay();
        $before = $this->cost($build);
        $this->decide($this->tell($build), ['do' => 'write-off'])->assertSessionHasNoErrors();
        $this->assertSame(BuildStatus::WrittenOff, $build->refresh()->status);
        $this->assertSame(['build' => 0, 'lost' => $before['build']], $this->cost($build));
        $this->assertTrue(KitLine::query()->where('build_id', $build->id)->where('group', 'bridge')->sole()->surplus);
        $this->get("/builds/{$build->number}")->assertOk()->assertInertia(static fn ($page) => $page->where('build.writtenOff', true));
        $this->get('/builds')->assertInertia(static fn ($page) => $page->where('finished.0.writtenOff', true));
    }

    public function test_a_machine_that_is_down_or_a_maker_who_is_ill_is_planned_without_until_then(): void
    {
        $build = $this->underWay();
        $router = (int) DB::table('resources')->where('key', 'router-table')->value('id');
        $down = $this->tell($build, ['mishap' => 'machine-down', 'fret' => '', 'operation' => '', 'text' => 'The bearing is gone', 'resource' => $router, 'until' => '2026-03-20 12:00']);
        $this->assertSame('plan without the router table until then', $this->offered($down, 'wait')['name']);
        $this->decide($down, ['do' => 'wait'])->assertSessionHasNoErrors();
        $this->assertSame([$router, '2026-03-20 11:00:00'], [DB::table('outages')->value('resource_id'), DB::table('outages')->value('to')]);
        $ill = $this->tell($build, ['mishap' => 'ill', 'fret' => '', 'operation' => '', 'text' => '', 'until' => '2026-03-19 18:00']);
        $this->decide($ill, ['do' => 'wait'])->assertSessionHasNoErrors();
        $this->assertSame($this->maker->id, (int) DB::table('days_off')->value('person_id'));
    }

    public function test_it_can_be_decided_later_while_the_build_stands_and_said_later_why(): void
    {
        $build = $this->underWay();
        $setback = $this->tell($build, ['text' => 'chips again']);
        $this->actingAs($this->manager)->post("/setbacks/{$setback->id}/later", ['until' => 'next Fri'])->assertSessionHasNoErrors();
        $this->assertSame(['2026-03-20', 'chips again', SetbackState::Open], [$build->refresh()->held_until, $build->held_because, $setback->refresh()->state]);
        $this->put("/setbacks/{$setback->id}/say", ['version' => $setback->version, 'piece' => 'fretboard', 'cause' => 'template'])->assertSessionHasNoErrors();
        $this->put("/setbacks/{$setback->id}/say", ['version' => $setback->version, 'piece' => 'fretboard', 'cause' => 'hand'])->assertSessionHasErrors('conflict');
        $this->assertSame('template', $setback->refresh()->cause->value);
    }

    public function test_who_comes_second_to_a_decision_is_told_who_was_first_and_nothing_is_done_twice(): void
    {
        $build = $this->underWay();
        $setback = $this->tell($build);
        $seen = $setback->version;
        $this->decide($setback, ['do' => 'again', 'old' => 'write-off'])->assertSessionHasNoErrors();
        $lost = $setback->refresh()->lost_material_minor;
        $this->post("/setbacks/{$setback->id}/decide", ['version' => $seen, 'do' => 'write-off'])->assertSessionHasErrors(['remedy' => 'That was decided already by Ines: a new fretboard. Nothing was changed.']);
        $this->post("/setbacks/{$setback->id}/decide", ['version' => $seen, 'do' => 'again', 'old' => 'write-off'])->assertSessionHasErrors('remedy');
        $this->assertSame([$lost, 1], [$setback->refresh()->lost_material_minor, MadePiece::query()->count()]);
        $this->assertSame(BuildStatus::Open, $build->refresh()->status);
        $this->actingAs($this->maker)->post("/setbacks/{$setback->id}/decide", ['version' => 2, 'do' => 'keep'])->assertForbidden();
    }

    public function test_what_comes_back_is_counted_by_operation_cause_person_station_and_timber_with_its_rate(): void
    {
        foreach (range(1, 3) as $time) {
            $setback = $this->tell($this->underWay());
            $this->decide($setback, ['do' => 'again', 'old' => 'write-off'])->assertSessionHasNoErrors();
        }
        $last = $this->tell($this->underWay());
        $again = $this->actingAs($this->manager)->get("/setbacks/{$last->id}")->inertiaProps('again');
        $this->assertSame('Fourth time within a year', $again['heading']);
        $this->assertStringContainsString('5 h 30 min lost in 4 builds, 4 of 4 because of a slip of the hand', $again['words']);
        $page = $this->get('/setbacks')->assertOk();
        $groups = collect($page->inertiaProps('groups'))->keyBy('name');
        $this->assertSame(['fret slots', 4, 330], array_values(array_intersect_key($groups['By operation']['rows'][0], ['name' => 1, 'count' => 1, 'minutes' => 1])));
        $this->assertSame(['a slip of the hand', 'Tobias', 'saw and planer', 'Indian rosewood'], array_map(static fn (string $name): string => $groups[$name]['rows'][0]['name'], ['By cause', 'By who was at it', 'By station', 'By timber']));
        $this->assertNotNull($groups['By operation']['rows'][0]['perHundred']);
        $this->assertNull($this->actingAs($this->maker)->get('/setbacks')->inertiaProps('groups.0.rows.0.money'), 'a maker sees no money');
    }

    public function test_a_reading_that_is_reworked_or_a_piece_that_is_scrapped_at_its_gate_is_a_setback_too(): void
    {
        $build = $this->underWay(worked: []);
        $square = $this->operation($build, 'neck.square');
        $this->actingAs($this->maker)->post("/operations/{$square->id}/clock")->assertSessionHasNoErrors();
        foreach (['bow' => '0.05', 'twist' => '0.4'] as $place => $value) {
            $this->post("/operations/{$square->id}/gate/readings", ['line' => 'bow-and-twist', 'place' => $place, 'value' => $value])->assertSessionHasNoErrors();
        }
        $this->at('2026-03-18 09:42');
        $this->post("/operations/{$square->id}/gate/decide", ['version' => $square->refresh()->version, 'kind' => 'rework', 'line' => 'bow-and-twist', 'name' => 'flatten again', 'labour' => '0:30', 'hold' => '', 'because' => ''])->assertSessionHasNoErrors();
        $setback = Setback::query()->sole();
        $this->assertSame([SetbackState::Decided, 'flatten again', 30], [$setback->state, $setback->remedy_words, $setback->added_minutes]);
        $this->assertSame($setback->id, Operation::query()->where('key', 'like', 'rework.%')->sole()->setback_id);
    }
}
