<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Costing\KitState;
use Tests\TestCase;

/** Boards are planned for, cut, and become blanks and offcuts. */
final class CuttingTest extends TestCase
{
    use CutsBoards;

    public function test_boards_become_blanks_for_their_builds_and_offcuts_and_no_cent_is_lost(): void
    {
        [$first, $second] = [$this->build(), $this->build()];
        $board = $this->takeIn(['length' => '1400']);
        $this->cut($board)->assertSessionHasNoErrors()->assertRedirect('/timber');
        $blanks = Blank::query()->orderBy('id')->get();
        $this->assertSame([[$first->id, 'body.0', 2], [$second->id, 'body.0', 2]], $blanks->map(static fn (Blank $one): array => [$one->build_id, $one->key, $one->pieces])->all());
        $offcuts = Board::query()->there()->where('lot_id', $board->id)->get();
        $this->assertGreaterThan(0, $offcuts->count());
        $this->assertSame(9_851, (int) $blanks->sum('cost_minor') + (int) $offcuts->sum('cost_minor'), 'to the cent');
        $this->assertStringContainsString('cut for the body of 1, the body of 2', $board->refresh()->gone_because);
        foreach ([$first, $second] as $at => $build) {
            $line = KitLine::query()->where('build_id', $build->id)->where('group', 'body-timber')->sole();
            $this->assertSame([KitState::Arrived, $blanks[$at]->cost_minor, $line->id], [$line->state, $line->cost_minor, $blanks[$at]->kit_line_id]);
        }
        $sheet = $this->get("/builds/{$first->number}");
        $kit = array_values(array_filter($sheet->inertiaProps('kit'), static fn (array $one): bool => $one['group'] === 'body-timber'));
        $this->assertSame(['blank 1 from board 1', false], [$kit[0]['cutFrom'], $kit[0]['costIsEstimate']]);
        $timber = $this->get('/timber');
        $this->assertNotContains('body', array_column($timber->inertiaProps('needs'), 'what'));
        $this->assertSame(['body', 'body'], array_column($timber->inertiaProps('blanks'), 'what'));
        $this->assertStringContainsString('cut into blank 1', (string) LogEntry::query()->where('kind', 'timber')->latest('id')->value('text'));
        $this->assertStringContainsString('settled', $this->get("/timber/{$offcuts[0]->id}")->assertOk()->inertiaProps('headline'), 'as its lot was read');
    }

    public function test_a_board_is_cut_once_and_as_it_was_seen(): void
    {
        $this->build();
        $board = $this->takeIn();
        $said = $this->asPlanned($board);
        $this->post('/timber/1/defects', ['kind' => 'knot', 'from' => '200', 'across' => '60', 'long' => '30', 'wide' => '30'])->assertSessionHasNoErrors();
        $this->post('/timber/cutting/cut', $said)->assertSessionHasErrors(['boards' => '1 body on board 1 lies on what is marked at 200 / 60. Move it first.']);
        $this->assertSame(0, Blank::query()->count(), 'somebody has marked a knot since');
        $said = $this->asPlanned($board);
        $this->post('/timber/cutting/cut', $said)->assertSessionHasNoErrors();
        $this->post('/timber/cutting/cut', $said)->assertSessionHasErrors(['boards' => 'Board 1, red alder, is not in the shop any more: cut for the body of 1. A board is cut once; nothing was changed.']);
        $this->assertSame(1, Blank::query()->count());
    }

    /** @return array<string, array{list<string>, string, string}> */
    public static function wrong(): array
    {
        return [
            'on each other' => [['1:body.0|1|25|0|along', '1:body.0|1|200|0|along'], 'boards', 'kerf between them'],
            'outside' => [['1:body.0|1|10|0|along', '1:body.0|1|550|0|along'], 'boards', 'trimmed ends'],
            'half of it' => [['1:body.0|1|25|0|along'], 'boards', 'All of them, or none'],
            'of another timber' => [['1:neck.0|1|25|0|along'], 'boards', 'another timber'],
            'not open' => [['77:body.0|1|25|0|along'], 'boards', 'not open any more'],
            'no place' => [['1:body.0|1|two|0|along'], 'at.0', 'millimetres'],
            'nothing' => [[], 'at', 'nothing to cut'],
        ];
    }

    /** @param  list<string>  $at */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_cut_so_is_refused_and_nothing_is_lost(array $at, string $field, string $says): void
    {
        $this->build();
        $board = $this->takeIn();
        $said = [...$this->asPlanned($board), 'at' => $at, 'needs' => ['1:body.0', '1:neck.0', '77:body.0']];
        $this->post('/timber/cutting/cut', $said)->assertSessionHasErrors($field);
        $this->assertStringContainsString($says, implode(' ', session('errors')->getBag('default')->all()));
        $this->assertSame([0, null], [Blank::query()->count(), $board->refresh()->gone_at]);
    }

    public function test_a_piece_across_the_grain_is_offered_as_weak_and_cut_only_with_a_reason(): void
    {
        $this->build();
        // Two halves of 500 × 168: along the grain there is room for one beside the split, across it for both.
        $board = $this->takeIn(['length' => '700', 'width' => '520']);
        $defect = ['kind' => 'split', 'from' => '25', 'across' => '200', 'long' => '300', 'wide' => '320'];
        $this->post('/timber/1/defects', $defect)->assertSessionHasNoErrors();
        $page = $this->get('/timber/cutting?boards[]=1');
        $this->assertStringContainsString('Weak', (string) $page->inertiaProps('weak'));
        $turned = $this->get('/timber/cutting?boards[]=1&turned=1');
        $this->assertSame(['across', []], [array_column($turned->inertiaProps('boards.0.laid'), 'turn')[1] ?? '', $turned->inertiaProps('without')]);
        $said = ['boards' => [1], 'needs' => ['1:body.0'], 'at' => $turned->inertiaProps('at'), 'versions' => [1 => $board->refresh()->version], 'turned' => '1'];
        $this->post('/timber/cutting/cut', $said)->assertSessionHasErrors('because');
        $this->post('/timber/cutting/cut', [...$said, 'because' => 'It lies under the top.'])->assertSessionHasNoErrors();
        $this->assertStringContainsString('It lies under the top.', (string) LogEntry::query()->where('kind', 'timber')->latest('id')->value('text'));
    }

    public function test_places_that_are_moved_by_hand_are_judged_at_once(): void
    {
        $this->build();
        $this->takeIn();
        $at = fn (string ...$at): TestResponse => $this->actingAs($this->maker)->get('/timber/cutting?'.http_build_query(['boards' => [1], 'needs' => ['1:body.0'], 'at' => $at]))->assertOk();
        $good = $at('1:body.0|1|25|0|along', '1:body.0|1|25|180.5|half');
        $this->assertSame([true, true, [[], []]], [$good->inertiaProps('sound'), $good->inertiaProps('byHand'), array_column($good->inertiaProps('boards.0.laid'), 'faults')]);
        $this->assertNull($good->inertiaProps('boards.0.costs.0.money'), 'a maker sees no money');
        $bad = $at('1:body.0|1|25|0|along', '1:body.0|1|25|100|half');
        $this->assertSame([false, 'As it lies it cannot be cut'], [$bad->inertiaProps('sound'), $bad->inertiaProps('headline')]);
        $this->assertStringContainsString('1 body', $bad->inertiaProps('boards.0.laid.0.faults.0'));
        $this->actingAs($this->maker)->post('/timber/cutting/cut', [])->assertForbidden();
    }

    public function test_it_is_drawn_at_full_size_and_one_to_twenty_and_on_paper(): void
    {
        $this->build();
        $this->takeIn();
        $file = fn (string $name): TestResponse => $this->get("/timber/cutting/{$name}?boards[]=1");
        foreach (['board-1.svg' => 1120.0, 'board-1-1to20.svg' => 75.0] as $name => $width) {
            $svg = simplexml_load_string($file($name)->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent());
            $this->assertEqualsWithDelta($width, (float) $svg['width'], 0.01, 'the board with 10 mm around it');
        }
        $dxf = $file('board-1.dxf')->assertOk()->getContent();
        $this->assertSame(2, substr_count($dxf, "  8\r\nPIECES\r\n 66"), 'two halves');
        $this->assertStringContainsString("AC1009\r\n", $dxf);
        foreach (['cuts-a4.pdf', 'cuts-letter.pdf', 'board-1-full-a4.pdf'] as $name) {
            $this->assertStringStartsWith('%PDF-', $file($name)->assertOk()->getContent());
        }
        $file('board-2.svg')->assertNotFound();
        $this->get('/timber/cutting/cuts-a4.pdf')->assertNotFound();
    }

    public function test_longer_looking_is_kept_for_the_same_boards_and_needs(): void
    {
        foreach ([1, 2, 3] as $number) {
            $this->build();
        }
        $this->takeIn(['length' => '1500']);
        $this->assertSame(100, $this->get('/timber/cutting?boards[]=1')->inertiaProps('tries'));
        $this->post('/timber/cutting/longer', ['boards' => [1]])->assertSessionHasNoErrors();
        $page = $this->get('/timber/cutting?boards[]=1');
        $this->assertSame([1000, true, false], [$page->inertiaProps('tries'), $page->inertiaProps('sound'), $page->inertiaProps('byHand')]);
        $this->post('/timber/1/defects', ['kind' => 'knot', 'from' => '200', 'across' => '60', 'long' => '30', 'wide' => '30'])->assertSessionHasNoErrors();
        $this->assertSame(100, $this->get('/timber/cutting?boards[]=1')->inertiaProps('tries'), 'it is another board now');
    }

    /** One of each wrong side: mixed units read as they are typed, and pieces that no board holds. */
    public function test_a_piece_larger_than_any_board_is_told(): void
    {
        $this->build();
        $this->takeIn(['length' => '40 cm', 'width' => '6"', 'thickness' => '52']);
        $page = $this->get('/timber/cutting?'.http_build_query(['boards' => [1], 'needs' => ['1:body.0']]))->assertOk();
        $this->assertSame(['Nothing that is chosen finds a place on these boards', ['1 body']], [$page->inertiaProps('headline'), $page->inertiaProps('without')]);
        $this->assertSame([false], array_values(array_unique(array_column($this->get('/timber/cutting?boards[]=1&none=1')->assertOk()->inertiaProps('needs'), 'chosen'))), 'nothing is chosen where everything was taken out');
        $this->get('/timber/cutting?boards[]=x')->assertSessionHasErrors('boards.0');
    }
}
