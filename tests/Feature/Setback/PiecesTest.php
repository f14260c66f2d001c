<?php

declare(strict_types=1);

namespace Tests\Feature\Setback;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\Reading;
use App\Models\People\TimeEntry;
use App\Models\Setback\MadePiece;
use App\Models\Setback\PieceState;
use App\Models\Setback\Setback;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** Pieces are things: they lie in stock, go into other instruments, and take along what is theirs. */
final class PiecesTest extends TestCase
{
    use Spoiled;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @param  array<string, mixed>  $change */
    private function change(array $change): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->manager->refresh())->post('/plan/changes', ['changes' => [$change]]);
    }

    public function test_two_builds_exchange_their_necks_with_operations_readings_hours_and_timber_and_back_again(): void
    {
        $far = $this->underWay(worked: self::NECK, promise: '2026-09-30');
        $near = $this->underWay(worked: ['neck.square' => 35], promise: '2026-05-29');
        $channel = $this->operation($far, 'neck.channel');
        Reading::query()->create(['operation_id' => $channel->id, 'round' => 1, 'line' => 'depth-of-the-channel', 'place' => 'middle', 'value' => 9.1, 'unit' => 'mm', 'tool' => 'depth gauge', 'person_id' => $this->maker->id, 'at' => '2026-03-16 09:00:00']);
        Measurement::query()->create(['build_id' => $far->id, 'part' => 'neck, made here', 'field' => 'neckMoisture', 'value' => '7.5', 'instrument' => 'meter', 'person_id' => $this->maker->id, 'at' => '2026-03-16 09:00:00']);
        foreach (['neck-timber' => [$far->id, $near->id], 'truss-rod' => [$far->id]] as $group => $of) {
            KitLine::query()->whereIn('build_id', $of)->where('group', $group)->update(['used' => DB::raw('quantity'), 'state' => 'used']);
        }
        $costs = [$this->cost($far)['build'], $this->cost($near)['build']];
        $swap = ['kind' => 'swap', 'build' => $near->number, 'piece' => 'neck', 'other' => $far->number];

        $this->actingAs($this->manager)->post('/plan/try/with', ['name' => 'Necks', 'changes' => [$swap]])->assertSessionHasNoErrors();
        $this->assertSame(['2 and 1 exchange the neck.'], array_column($this->get('/plan/try/1')->inertiaProps('shown.changes'), 'words'));
        $this->assertSame(OperationState::Done, $this->operation($far, 'neck.outline')->state, 'a scenario changes nothing');

        $this->post('/plan/try/1/apply', ['version' => 1])->assertSessionHasNoErrors();
        $this->assertSame([OperationState::Done, OperationState::Open], [$this->operation($near, 'neck.outline')->state, $this->operation($far, 'neck.outline')->state]);
        $this->assertSame(OperationState::Done, $this->operation($far, 'neck.square')->state, 'the other neck was squared');
        $this->assertSame([180, 35], [(int) $this->worked($near), (int) $this->worked($far)]);
        $here = $this->operation($near, 'neck.channel');
        $this->assertSame([$here->id, $here->gate_round], array_values(Reading::query()->sole()->only(['operation_id', 'round'])));
        $this->assertSame(['7.5'], Measurement::query()->where('build_id', $near->id)->pluck('value')->all());
        $this->assertSame(0, Measurement::query()->where('build_id', $far->id)->count());
        $this->assertSame($costs[0] - $costs[1], $this->cost($near)['build'] - $this->cost($far)['build'], 'the cost went with them');
        $this->assertSame([$far->id, $near->id], [(int) MadePiece::query()->where('build_id', $near->id)->value('made_for_id'), (int) MadePiece::query()->where('build_id', $far->id)->value('made_for_id')]);
        $this->assertStringContainsString("made for {$far->number}", $this->get("/builds/{$near->number}")->inertiaProps('pieces.0.from'));
        $this->assertSame(0, KitLine::query()->where('group', 'neck-timber')->where('state', 'needed')->count(), 'nothing is bought for it');

        $this->post('/plan/changes/'.DB::table('plan_changes')->max('id').'/undo')->assertSessionHasNoErrors();
        $this->assertSame([OperationState::Done, $costs], [$this->operation($far, 'neck.outline')->state, [$this->cost($far)['build'], $this->cost($near)['build']]]);
    }

    private function worked(Build $build): int
    {
        return (int) TimeEntry::query()->whereIn('operation_id', Operation::query()->where('build_id', $build->id)->select('id'))->whereNull('setback_id')->whereNull('piece_id')->sum('minutes');
    }

    public function test_an_exchange_is_not_taken_back_after_somebody_has_worked_on_a_piece_and_refused_where_one_does_not_fit(): void
    {
        $one = $this->underWay(worked: self::NECK);
        $two = $this->underWay(worked: ['neck.square' => 35]);
        $this->change(['kind' => 'swap', 'build' => 1, 'piece' => 'neck', 'other' => 2])->assertSessionHasNoErrors();
        $this->operation($two, 'neck.outline')->update(['version' => 40]);
        $this->post('/plan/changes/'.DB::table('plan_changes')->max('id').'/undo')->assertSessionHasErrors(['conflict' => 'That cannot be undone any more. Somebody has worked on one of the pieces since.']);

        $left = $this->underWay(['hand' => 'left', 'nutWidth' => '45'], worked: self::NECK);
        $this->change(['kind' => 'swap', 'build' => $left->number, 'piece' => 'neck', 'other' => $two->number])->assertSessionHasErrors('piece');
        $this->change(['kind' => 'swap', 'build' => 1, 'piece' => 'neck', 'other' => 1])->assertSessionHasErrors('changes.0.other');
        $this->change(['kind' => 'swap', 'build' => 1, 'piece' => 'bridge', 'other' => 2])->assertSessionHasErrors('changes.0.piece');
        $this->change(['kind' => 'swap', 'build' => $one->number, 'piece' => 'body', 'other' => $two->number])->assertSessionHasErrors('piece');
    }

    public function test_a_board_that_is_kept_goes_into_another_build_with_what_is_done_on_it_and_needs_no_timber_there(): void
    {
        $spoiled = $this->underWay();
        $other = $this->underWay(['frets' => '21', 'joinFret' => '14'], worked: []);
        KitLine::query()->where('build_id', $other->id)->where('group', 'fretboard-timber')->update(['used' => 0, 'state' => 'arrived']);
        $setback = $this->tell($spoiled, ['fret' => '22']);
        $this->decide($setback, ['do' => 'again', 'old' => 'keep', 'place' => 'board rack'])->assertSessionHasNoErrors();
        $piece = MadePiece::query()->sole();
        $this->assertSame([['fretboard.thickness'], 21, 'board rack'], [array_keys($piece->done), $piece->good_to_fret, $piece->place], 'the slots count no more');
        $this->assertSame([45, 65], [(int) TimeEntry::query()->where('piece_id', $piece->id)->sum('minutes'), (int) TimeEntry::query()->where('setback_id', $setback->id)->sum('minutes')]);
        $shown = $this->get('/pieces')->assertOk()->inertiaProps('stock.0');
        $this->assertSame([(string) $other->number], array_column($shown['fits'], 'value'), 'it has 21 frets');

        $this->change(['kind' => 'piece', 'piece' => $piece->id, 'build' => $other->number])->assertSessionHasNoErrors();
        $this->assertSame([OperationState::Done, OperationState::Open], [$this->operation($other, 'fretboard.thickness')->state, $this->operation($other, 'fretboard.slots')->state]);
        $this->assertSame([45, PieceState::Used], [$this->worked($other), $piece->refresh()->state]);
        $this->change(['kind' => 'piece', 'piece' => $piece->id, 'build' => $other->number])->assertSessionHasErrors('piece');
        $this->put("/pieces/{$piece->id}", ['version' => $piece->version, 'because' => 'lost'])->assertSessionHasErrors('because');
        $this->post("/builds/{$other->number}/route/derive", ['version' => $other->refresh()->route_version])->assertSessionHasNoErrors();
        $this->assertSame(['Indian rosewood fretboard blank'], KitLine::query()->where('build_id', $other->id)->where('group', 'fretboard-timber')->where('surplus', false)->pluck('name')->all(), 'and none is ordered again');
    }

    public function test_a_piece_has_no_place_where_work_has_begun_and_is_written_off_once(): void
    {
        $setback = $this->tell($this->underWay());
        $this->decide($setback, ['do' => 'again', 'old' => 'keep'])->assertSessionHasNoErrors();
        $piece = MadePiece::query()->sole();
        $piece->update(['good_to_fret' => null]);
        $begun = $this->underWay();
        $this->change(['kind' => 'piece', 'piece' => $piece->id, 'build' => $begun->number])->assertSessionHasErrors(['piece' => "On the fretboard of {$begun->number} work has begun. It has to leave first."]);
        $this->change(['kind' => 'piece', 'piece' => 99, 'build' => $begun->number])->assertSessionHasErrors('changes.0.piece');
        $lost = $setback->refresh()->lost_material_minor;
        $this->put("/pieces/{$piece->id}", ['version' => $piece->version, 'because' => 'it warped'])->assertSessionHasNoErrors();
        $this->assertSame(PieceState::WrittenOff, $piece->refresh()->state);
        $this->assertGreaterThan($lost, $setback->refresh()->lost_material_minor);
        $this->assertSame(110, (int) TimeEntry::query()->where('setback_id', $setback->id)->sum('minutes'));
        $this->put("/pieces/{$piece->id}", ['version' => $piece->version, 'because' => 'it warped'])->assertSessionHasErrors('because');
        $this->actingAs($this->maker)->put("/pieces/{$piece->id}", ['version' => 1, 'because' => 'mine'])->assertForbidden();
    }

    /** Every hour and every board belongs to exactly one: a build, a piece in stock, or the loss account. */
    public function test_whatever_is_moved_spoiled_kept_and_written_off_no_cent_and_no_minute_is_lost_or_made(): void
    {
        foreach (getenv('REGIMEN_LONG') === '1' ? range(1, 12) : [1, 2] as $seed) {
            $draw = new Randomizer(new Mt19937($seed));
            $builds = [$this->underWay(worked: [...self::BOARD, ...self::NECK]), $this->underWay(worked: self::NECK), $this->underWay()];
            $numbers = array_map(static fn (Build $one): int => $one->number, $builds);
            $before = $this->everything();
            $done = 0;
            for ($turn = 0; $turn < 14; $turn++) {
                $build = $builds[$draw->getInt(0, 2)];
                $kind = ['neck', 'fretboard'][$draw->getInt(0, 1)];
                match ($draw->getInt(0, 3)) {
                    0 => $this->change(['kind' => 'swap', 'build' => $build->number, 'piece' => $kind, 'other' => $numbers[($draw->getInt(1, 2) + array_search($build->number, $numbers, true)) % 3]]),
                    1 => $this->spoil($build, $kind, ['do' => 'again', 'old' => ['keep', 'write-off'][$draw->getInt(0, 1)]]),
                    2 => $this->spoil($build, $kind, ['do' => 'build', 'option' => (string) $numbers[$draw->getInt(0, 2)], 'old' => 'keep']),
                    default => $this->change(['kind' => 'piece', 'piece' => (int) MadePiece::query()->max('id'), 'build' => $build->number]),
                };
                $done += session('errors') === null ? 1 : 0;
                session()->forget('errors');
                $this->assertSame($before, $this->everything(), "seed {$seed}, turn {$turn}");
            }
            $this->assertGreaterThan(3, $done, 'some of it could be done');
        }
    }

    /** @param  array<string, mixed>  $remedy */
    private function spoil(Build $build, string $kind, array $remedy): void
    {
        $this->actingAs($this->maker)->post("/builds/{$build->number}/setbacks", ['mishap' => 'crack', 'piece' => $kind, 'text' => 'cracked']);
        $this->decide(Setback::query()->latest('id')->firstOrFail(), $remedy);
    }

    /** @return array{minutes: int, labour: int, material: int} in builds, in stock and lost together */
    private function everything(): array
    {
        $labour = $material = 0;
        foreach (Build::query()->get() as $build) {
            ['build' => $in, 'lost' => $lost] = $this->cost($build);
            $labour += $in + $lost;
        }
        $labour += (int) round((float) TimeEntry::query()->whereNotNull('piece_id')->sum(DB::raw('minutes * rate_minor / 60.0')));
        $stock = (int) KitLine::query()->whereNotNull('piece_id')->get()->sum(static fn (KitLine $line): int => $line->costMinor());
        // What is in the shop and not used yet belongs to no account so far.
        $unused = KitLine::query()->whereNull('piece_id')->where('state', 'arrived')->where('name', 'not like', '%, again')->get()
            ->sum(static fn (KitLine $line): int => (int) round($line->costMinor() * $line->left() / $line->quantity));

        return ['minutes' => (int) TimeEntry::query()->sum('minutes'), 'labour' => $labour + $stock + (int) $unused, 'material' => $material];
    }
}
