<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Models\Bench\Photograph;
use App\Models\Build\LogEntry;
use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Boards as a table, their papers and photographs, and what is known of them. */
final class TimberRecordsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    private function send(string $csv, string $path = '/timber/table'): TestResponse
    {
        return $this->actingAs($this->manager)->post($path, ['file' => UploadedFile::fake()->createWithContent('boards.csv', $csv)]);
    }

    public function test_boards_come_in_out_of_a_table_after_a_look_and_all_of_them_or_none(): void
    {
        $csv = "species;length;width;thickness;cost;place;moisture;weight\nred alder;2310,5;285;52;98,51;rack A;8,5;14,2\nSugar maple;\"78 3/4\"\"\";120;40;75;rack B;;\n";
        $seen = $this->send($csv, '/timber/table/look')->assertOk()->json();
        $this->assertSame(['new: red alder, 2310.5 mm × 285.0 mm × 52.0 mm, read 8.5 %, weighed 14.2 kg', ''], [$seen['changes'][0], $seen['problem']]);
        $this->assertSame(0, Board::query()->count(), 'looking takes nothing');
        $this->send($csv)->assertSessionHasNoErrors()->assertRedirect('/timber');
        $this->assertSame([[23_105, 9_851], [20_003, 7_500]], Board::query()->orderBy('id')->get()->map(static fn (Board $one): array => [$one->length_tenths, $one->cost_minor])->all());
        $this->assertSame([850, 14_200], [BoardReading::query()->sole()->moisture_hundredths, BoardReading::query()->sole()->grams]);

        $out = $this->get('/timber/boards.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
        $this->assertSame([], $this->send($out, '/timber/table/look')->json('changes'), 'what went out comes in again and changes nothing');
        $moved = str_replace('rack B', 'loft', $out);
        $this->assertSame(['board 2: place: “rack B” becomes “loft”'], $this->send($moved, '/timber/table/look')->json('changes'));
        $this->send($moved)->assertSessionHasNoErrors();
        $this->assertSame(['loft', 2], [Board::query()->find(2)->place, Board::query()->find(2)->version]);

        Board::query()->find(1)?->update(['note' => '=1+1']);
        $this->assertStringContainsString("'=1+1", $said = $this->get('/timber/boards.csv')->getContent());
        $this->assertSame([], $this->send($said, '/timber/table/look')->json('changes'), 'no spreadsheet takes it for a formula, and it comes back as it was');
        $half = str_replace('loft', 'cellar', $out)."99,red alder,2000,200,50,9,,,,,,,,,,\n";
        $this->send($half)->assertSessionHasErrors(['file' => "Line 4: column board: there is no board 99.\nNothing was taken."]);
        $this->send("board,thickness\n1,300\n")->assertSessionHasErrors('file');
        $this->send("Boards of the shop\n")->assertSessionHasErrors('file');
        $this->assertSame(['rack A', 520], [Board::query()->find(1)->place, Board::query()->find(1)->thickness_tenths]);
        $this->actingAs($this->maker)->post('/timber/table', [])->assertForbidden();
        $this->assertStringNotContainsString('98.51', $this->get('/timber/boards.csv')->assertOk()->getContent(), 'a maker sees no money');
    }

    public function test_papers_of_protected_timber_and_shell_are_listed_in_stock_and_in_instruments(): void
    {
        $plain = $this->build(['boardTimber' => 'sugar maple', 'neckTimber' => 'sugar maple', 'layers' => [['timber' => 'red alder', 'thickness' => '45']]]);
        $rare = $this->build(['boardTimber' => 'Indian rosewood', 'markerMaterial' => 'shell']);
        $this->send("species,length,width,thickness,cost,papers\nIndian rosewood,600,100,12,50,\nIndian rosewood,600,100,12,50,invoice 7\n")->assertSessionHasNoErrors();
        $page = $this->get('/timber/papers')->assertOk();
        $this->assertSame(['', 'invoice 7'], array_column($page->inertiaProps('boards'), 'papers'));
        $this->assertSame([[$rare->number, 'Indian rosewood, shell of the markers']], array_map(static fn (array $one): array => [$one['number'], $one['what']], $page->inertiaProps('builds')));
        $this->assertNotSame($plain->number, $rare->number);
        $this->put("/timber/papers/{$rare->number}", ['version' => $rare->refresh()->version - 1, 'papers' => 'permit'])->assertSessionHasErrors('conflict');
        $this->put("/timber/papers/{$rare->number}", ['version' => $rare->version, 'papers' => 'permit 3 of 12 March'])->assertSessionHasNoErrors();
        $this->assertSame('permit 3 of 12 March', $this->get('/timber/papers')->inertiaProps('builds.0.papers'));
        $this->assertStringContainsString('permit 3', (string) LogEntry::query()->where('build_id', $rare->id)->where('kind', 'timber')->value('text'));
        $this->actingAs($this->maker)->put("/timber/papers/{$rare->number}", ['version' => 1, 'papers' => 'x'])->assertForbidden();
    }

    public function test_what_is_known_of_a_board_changes_and_is_photographed(): void
    {
        $this->send("species,length,width,thickness,cost,place\nred alder,2000,200,50,9,rack A\n")->assertSessionHasNoErrors();
        $known = ['place' => 'loft', 'figure' => 'some curl', 'origin' => 'a barn', 'papers' => '', 'note' => 'Smells of hay.'];
        $this->put('/timber/1/known', ['version' => 1, ...$known])->assertSessionHasNoErrors();
        $this->put('/timber/1/known', ['version' => 1, ...$known, 'place' => 'cellar'])->assertSessionHasErrors('conflict');
        $this->assertSame(['loft', 2], [Board::query()->sole()->place, Board::query()->sole()->version]);
        $this->assertStringContainsString('place “loft” instead of “rack A”', (string) LogEntry::query()->where('kind', 'timber')->latest('id')->value('text'));

        $this->actingAs($this->maker)->post('/timber/1/photographs', ['photograph' => UploadedFile::fake()->image('board.jpg', 640, 200), 'caption' => 'wetted'])->assertSessionHasNoErrors();
        $this->post('/timber/1/photographs', ['photograph' => UploadedFile::fake()->createWithContent('board.jpg', 'no picture')])->assertSessionHasErrors('photograph');
        $this->post('/timber/1/photographs', [])->assertSessionHasErrors('photograph');
        $photograph = Photograph::query()->sole();
        $this->assertSame([$photograph->id], $this->get('/timber/1')->inertiaProps('photographs'));
        $this->get("/photographs/{$photograph->id}-small.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->put('/timber/1/known', ['version' => 2])->assertForbidden();
    }
}
