<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Models\Build\LogEntry;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Models\Stores\BoardReading;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Boards: taken in, read and weighed, marked, and what they could become. */
final class BoardsTest extends TestCase
{
    private const BOARD = [
        'species' => 'red alder', 'length' => '8 ft', 'width' => '285', 'thickness' => '2 1/8"', 'cost' => '98.50', 'cut' => 'flat-sawn', 'moisture' => '12', 'weight' => '14,2',
        'supplier' => 'the yard', 'place' => 'rack A, 1',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @param  array<string, string>  $said */
    private function takeIn(array $said = []): TestResponse
    {
        return $this->actingAs($this->manager)->post('/timber/boards', [...self::BOARD, ...$said]);
    }

    public function test_a_board_is_taken_in_as_it_is_measured_in_either_unit_and_serves_what_is_still_to_be_cut(): void
    {
        $this->build();
        $this->takeIn(['length' => '96"'])->assertSessionHasNoErrors()->assertRedirect('/timber/1');
        $board = Board::query()->sole();
        $this->assertSame([24_384, 2_850, 540, 9_850, '2026-03-18'], [$board->length_tenths, $board->width_tenths, $board->thickness_tenths, $board->cost_minor, $board->bought_on]);
        $page = $this->get('/timber/1')->assertOk();
        $this->assertSame(['body', 1, 'red alder'], [$page->inertiaProps('serves.0.what'), $page->inertiaProps('serves.0.build'), strtok($page->inertiaProps('under'), ',')]);
        $this->assertStringContainsString('settles until', $page->inertiaProps('headline'));
        $this->assertStringContainsString('kg/m³', $page->inertiaProps('size'));
        $needs = $this->get('/timber')->inertiaProps('needs');
        $this->assertSame([['body', [1]], ['neck', []], ['fretboard', []], ['cover', [1]]], array_map(static fn (array $one): array => [$one['what'], $one['boards']], $needs));
        $this->assertNull($this->actingAs($this->maker)->get('/timber')->inertiaProps('boards.0.money'), 'a maker sees no money');
        $this->post('/timber/boards', self::BOARD)->assertForbidden();
        $this->assertStringContainsString('came in', (string) LogEntry::query()->where('kind', 'timber')->value('text'));
    }

    public function test_a_lot_of_several_pieces_is_as_many_boards_with_its_cost_and_weight_shared(): void
    {
        $this->takeIn(['pieces' => '3', 'cost' => '100', 'weight' => '30'])->assertSessionHasNoErrors()->assertRedirect('/timber');
        $this->assertSame([3_334, 3_333, 3_333], Board::query()->orderBy('id')->pluck('cost_minor')->all());
        $this->assertSame([10_000, 10_000, 10_000], BoardReading::query()->pluck('grams')->all());
        foreach (['0', '51', '1.5', 'two'] as $wrong) {
            $this->takeIn(['pieces' => $wrong])->assertSessionHasErrors('pieces');
        }
        $this->assertSame(3, Board::query()->count());
    }

    /** 8 board feet of 2 in × 8 in are 6 ft (CALCULATIONS T4). */
    public function test_a_length_may_be_said_in_board_feet(): void
    {
        $this->takeIn(['length' => '8 bd ft', 'width' => '8"', 'thickness' => '2"'])->assertSessionHasNoErrors();
        $this->assertSame(18_288, Board::query()->sole()->length_tenths);
        $this->takeIn(['length' => '8 bd ft', 'width' => '', 'thickness' => '2"'])->assertSessionHasErrors(['width', 'length']);
        $this->takeIn(['length' => '900 bd ft', 'width' => '8"', 'thickness' => '2"'])->assertSessionHasErrors('length');
    }

    public function test_what_it_serves_is_laid_onto_it_together_around_what_is_marked(): void
    {
        $this->build();
        $this->build();
        $this->takeIn(['length' => '1100', 'width' => '350', 'thickness' => '52'])->assertSessionHasNoErrors();
        // Two halves of about 440 × 168 a body: two rows of two lie on 1,050 × 350 between the trimmed ends.
        $layout = $this->get('/timber/1')->inertiaProps('layout');
        $this->assertCount(4, $layout['laid']);
        $this->assertSame([], $this->get('/timber/1')->inertiaProps('without'));
        $this->assertGreaterThan(4, count($layout['cuts']));
        $this->post('/timber/1/defects', ['kind' => 'knot', 'from' => '200', 'across' => '60', 'long' => '30', 'wide' => '30'])->assertSessionHasNoErrors();
        $around = $this->get('/timber/1')->inertiaProps('layout');
        $this->assertSame([2, 1], [count($around['laid']), count($this->get('/timber/1')->inertiaProps('without'))]);
        foreach ($around['laid'] as $one) {
            $this->assertTrue($one['from'] >= 230 || $one['from'] + $one['length'] <= 200 || $one['across'] >= 90 || $one['across'] + $one['width'] <= 60);
        }
        $this->takeIn(['length' => '400', 'width' => '100', 'thickness' => '52'])->assertSessionHasNoErrors();
        $this->assertNull($this->get('/timber/2')->inertiaProps('layout'), 'it serves nothing');
    }

    public function test_the_list_for_the_yard_has_what_no_board_serves_with_its_allowance(): void
    {
        $build = $this->build();
        $body = fn (): array => array_values(array_filter($this->actingAs($this->maker)->get('/timber/yard')->assertOk()->inertiaProps('timbers'), static fn (array $one): bool => $one['name'] === 'red alder'));
        [$alder] = $body();
        $this->assertSame([$build->number, 'body', 2], [$alder['lines'][0]['build'], $alder['lines'][0]['what'], $alder['lines'][0]['pieces']]);
        // 45 mm with 3 mm a face is 51 mm, and in sixteenths never less: 2 1/16 in are 52.4 mm.
        $this->assertStringEndsWith('× 51 mm', $alder['lines'][0]['metric']);
        $this->assertStringEndsWith("× 2\u{a0}1/16\"", $alder['lines'][0]['inches']);
        $this->assertStringStartsWith('%PDF-', $this->get('/timber/yard-a4.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $this->get('/timber/yard-a9.pdf')->assertNotFound();
        $this->takeIn()->assertSessionHasNoErrors();
        $this->assertSame([], $body(), 'the board serves it');
        $this->actingAs($this->manager)->post('/timber/1/gone', ['version' => 1, 'because' => 'it split from end to end'])->assertSessionHasNoErrors();
        $this->assertCount(1, $body());
    }

    public function test_what_is_cut_already_is_no_need_any_more(): void
    {
        $build = $this->build();
        $this->takeIn();
        $serves = fn (): array => array_column($this->get('/timber/1')->inertiaProps('serves'), 'what');
        $this->assertSame(['body', 'cover'], $serves());
        $this->finished($build, 'body.joint');
        $this->assertSame(['cover'], $serves());
    }

    public function test_it_settles_by_the_air_of_the_shop_and_by_its_own_readings(): void
    {
        // 20 °C and 50 %: 9.3 % (at 21.1 °C the Wood Handbook’s table has 9.2; memory, CALCULATIONS T1).
        $this->takeIn()->assertSessionHasNoErrors();
        $this->assertStringContainsString('Balance 9.3 %', $this->get('/timber/1')->inertiaProps('because'));
        $this->assertStringContainsString('τ 20.0 days as usual', $this->get('/timber/1')->inertiaProps('because'));
        // τ·ln(2.73/1) = 20.1 days from the 18th.
        $this->assertSame('Board 1 settles until Tue 7 Apr', $this->get('/timber/1')->inertiaProps('headline'));
        $this->at('2026-03-28 09:12');
        $this->actingAs($this->maker)->post('/timber/1/readings', ['moisture' => '10.6', 'weight' => ''])->assertSessionHasNoErrors();
        $this->assertStringContainsString('from its own readings (two fit exactly', $this->get('/timber/1')->inertiaProps('because'));
        $this->takeIn(['moisture' => '13', 'weight' => ''])->assertSessionHasNoErrors();
        $this->assertStringContainsString('as red alder of about that thickness has settled here before', $this->get('/timber/2')->inertiaProps('because'));
        $this->at('2026-06-01 09:12');
        $this->assertStringContainsString('nothing is waiting for it', $this->get('/timber/1')->inertiaProps('headline'));
    }

    public function test_weight_alone_tells_moisture_once_it_was_weighed_and_read_at_the_same_time(): void
    {
        $this->takeIn(['weight' => ''])->assertSessionHasNoErrors();
        $this->post('/timber/1/readings', ['moisture' => '', 'weight' => '14.0'])->assertSessionHasErrors('moisture');
        $this->post('/timber/1/readings', ['moisture' => '12', 'weight' => '14.2'])->assertSessionHasNoErrors();
        $this->at('2026-03-30 09:12');
        $this->post('/timber/1/readings', ['moisture' => '', 'weight' => '13.95'])->assertSessionHasNoErrors();
        // 14.2 kg at 12 % are 12.679 kg dry: 13.95 kg are 10.03 %.
        $this->assertStringContainsString('10.0 % by now', $this->get('/timber/1')->inertiaProps('because'));
        $reading = (int) BoardReading::query()->max('id');
        $this->delete("/timber/readings/{$reading}")->assertSessionHasNoErrors();
        $this->delete("/timber/readings/{$reading}")->assertSessionHasErrors();
        $this->assertStringNotContainsString('10.0 % by now', $this->get('/timber/1')->inertiaProps('because'));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badBoards(): iterable
    {
        yield 'thickness over width' => [['width' => '40', 'thickness' => '52'], 'thickness'];
        yield 'width over length' => [['length' => '200', 'width' => '285'], 'thickness'];
        yield 'no cost' => [['cost' => ''], 'cost'];
        yield 'a moisture of 140 %' => [['moisture' => '140'], 'moisture'];
        yield 'a moisture in words' => [['moisture' => 'damp'], 'moisture'];
        yield 'a timber that nobody knows' => [['species' => 'moonwood'], 'species'];
        yield 'a length in words' => [['length' => 'long'], 'length'];
        yield 'a board of eighty metres' => [['length' => '80000'], 'length'];
        yield 'a negative width' => [['width' => '-285'], 'width'];
        yield 'bought tomorrow' => [['bought_on' => '2026-03-19'], 'bought_on'];
        yield 'a weight of nothing' => [['weight' => '0'], 'weight'];
        yield 'no such cut' => [['cut' => 'sideways'], 'cut'];
    }

    /** @param  array<string, string>  $said */
    #[DataProvider('badBoards')]
    public function test_what_is_no_board_is_answered_at_its_field(array $said, string $field): void
    {
        $this->takeIn($said)->assertSessionHasErrors($field);
        $this->assertSame(0, Board::query()->count());
    }

    public function test_a_mark_lies_on_the_board_and_is_taken_off_once(): void
    {
        $this->takeIn();
        $mark = ['kind' => 'knot', 'from' => '600', 'across' => '40', 'long' => '2"', 'wide' => '50'];
        $this->actingAs($this->maker)->post('/timber/1/defects', $mark)->assertSessionHasNoErrors();
        $this->assertEquals([600.0, 40.0, 50.8, 50.0], array_values(array_intersect_key($this->get('/timber/1')->inertiaProps('defects.0'), array_flip(['from', 'across', 'length', 'width']))));
        foreach ([['from' => '2430'], ['across' => '250'], ['long' => '0'], ['wide' => 'x'], ['kind' => 'dragon']] as $wrong) {
            $this->post('/timber/1/defects', [...$mark, ...$wrong])->assertSessionHasErrors();
        }
        $this->assertSame(1, BoardDefect::query()->count());
        $this->delete('/timber/defects/1')->assertSessionHasNoErrors();
        $this->delete('/timber/defects/1')->assertSessionHasErrors();
        $this->assertSame([], $this->get('/timber/1')->inertiaProps('defects'));
    }

    public function test_a_board_that_is_gone_is_kept_on_record_and_nothing_more_is_done_with_it(): void
    {
        $this->build();
        $this->takeIn(['species' => 'Indian rosewood', 'thickness' => '13', 'width' => '160']);
        $this->assertTrue($this->get('/timber/1')->inertiaProps('protected'));
        $gone = ['version' => 1, 'because' => 'sold to a turner'];
        $this->actingAs($this->maker)->post('/timber/1/gone', $gone)->assertForbidden();
        $this->actingAs($this->manager->refresh())->post('/timber/1/gone', [...$gone, 'version' => 9])->assertSessionHasErrors();
        $this->post('/timber/1/gone', $gone)->assertSessionHasNoErrors();
        $this->post('/timber/1/gone', $gone)->assertSessionHasErrors('board');
        $this->post('/timber/1/readings', ['moisture' => '9'])->assertSessionHasErrors('board');
        $this->assertSame([], $this->get('/timber')->inertiaProps('boards'));
        $this->assertStringContainsString('not in the shop any more', $this->get('/timber/1')->inertiaProps('headline'));
    }
}
