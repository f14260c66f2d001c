<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\LogEntry;
use App\Queries\Logbook\LogbookPage;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The logbook is read by day, person, kind and build, searched in words, printed, and corrected by later entries. */
final class LogbookPageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
        $this->at('2026-03-18 09:12');
        $this->write('2026-03-16 08:00:00', 'note', 'Sanded the Rückseite down to 220.', $this->maker->id);
        $this->write('2026-03-17 22:30:00', 'setback', 'Something is wrong at fret slots: chips under the template.', $this->maker->id);
        $this->write('2026-03-17 23:30:00', 'clock', 'Began carve the neck.', $this->manager->id);
    }

    private function write(string $at, string $kind, string $text, int $by): int
    {
        return LogEntry::query()->create(['build_id' => 1, 'person_id' => $by, 'at' => $at, 'kind' => $kind, 'text' => $text])->id;
    }

    /**
     * @param  array<string, string>  $asked
     * @return list<string>
     */
    private function texts(array $asked): array
    {
        $days = $this->actingAs($this->maker)->get('/logbook?'.http_build_query($asked))->assertOk()->inertiaProps('days');

        return array_merge(...array_map(static fn (array $day): array => array_column($day['lines'], 'text'), $days));
    }

    #[TestWith([['words' => 'ruckseite'], 'Sanded the'])]
    #[TestWith([['words' => 'templ chip'], 'Something is wrong'])]
    #[TestWith([['kind' => 'clock'], 'Began carve'])]
    #[TestWith([['words' => 'began', 'person' => '1'], 'Began carve'])]
    #[TestWith([['day' => '2026-03-16'], 'Sanded the'])]
    #[TestWith([['day' => '16 Mar'], 'Sanded the'])]
    public function test_it_is_found_by(array $asked, string $first): void
    {
        $found = $this->texts($asked);
        $this->assertCount(1, $found);
        $this->assertStringStartsWith($first, $found[0]);
    }

    public function test_a_day_is_the_shops_and_not_the_worlds(): void
    {
        $this->assertSame(['Something is wrong at fret slots: chips under the template.'], $this->texts(['day' => '2026-03-17']), '23:30 in Berlin is 22:30 in UTC, and 00:30 the next day 23:30');
    }

    #[TestWith(['"'])]
    #[TestWith(['NEAR(a b) OR *'])]
    #[TestWith(["'; DROP TABLE log_entries; --"])]
    #[TestWith(['text : x ^ -y'])]
    public function test_whatever_is_typed_is_looked_for_as_words(string $typed): void
    {
        $this->actingAs($this->maker)->get('/logbook?'.http_build_query(['words' => $typed, 'person' => 'x', 'build' => '-1', 'kind' => "a'b", 'before' => 'y']))->assertOk();
        $this->assertGreaterThan(3, LogEntry::query()->count());
    }

    public function test_what_cannot_be_read_as_a_day_is_said(): void
    {
        $this->assertNotSame('', $this->actingAs($this->maker)->get('/logbook?day=someday')->inertiaProps('asked.problem'));
        $this->assertSame('"a"* "b2"*', LogbookPage::words(' a-b2! '));
    }

    public function test_every_entry_is_searched_from_the_moment_it_is_written_also_those_from_before(): void
    {
        $this->assertSame(DB::table('log_entries')->count(), (int) DB::selectOne('SELECT count(*) AS n FROM log_search')->n);
        DB::statement("INSERT INTO log_search(log_search) VALUES ('integrity-check')");
        $this->assertSame([], $this->texts(['words' => 'unheard']));
        $this->write('2026-03-18 08:00:00', 'note', 'An unheard-of knot.', $this->maker->id);
        $this->assertCount(1, $this->texts(['words' => 'unheard']));
    }

    public function test_an_entry_is_corrected_by_a_later_one_and_both_stand(): void
    {
        $entry = (int) LogEntry::query()->where('kind', 'note')->value('id');
        $this->actingAs($this->maker)->post("/logbook/{$entry}/correct", ['text' => ''])->assertSessionHasErrors('text');
        $this->post("/logbook/{$entry}/correct", ['text' => 'It was 320.'])->assertSessionHasNoErrors();
        $this->post("/logbook/{$entry}/correct", ['text' => 'It was 320.'])->assertSessionHasErrors('text');
        $this->assertSame('Sanded the Rückseite down to 220.', LogEntry::query()->findOrFail($entry)->text);
        $lines = collect($this->get('/logbook?build=1')->inertiaProps('days'))->flatMap(static fn (array $day): array => $day['lines']);
        $this->assertSame(['It was 320.'], $lines->firstWhere('id', $entry)['corrected']);
        $this->assertSame($entry, $lines->firstWhere('text', 'It was 320.')['corrects']);
        $this->assertSame(['It was 320.'], collect($this->get('/builds/1')->inertiaProps('logbook'))->firstWhere('id', $entry)['corrected']);
        $this->post('/logbook/999999/correct', ['text' => 'x'])->assertNotFound();
    }

    public function test_what_is_more_than_a_page_comes_page_by_page_and_is_printed_whole(): void
    {
        foreach (range(1, 130) as $number) {
            $this->write('2026-03-18 08:00:00', 'reading', "Light under the gauge, entry {$number}.", $this->maker->id);
        }
        $first = $this->actingAs($this->maker)->get('/logbook?kind=reading')->inertiaProps();
        $this->assertCount(LogbookPage::AT_ONCE, $first['days'][0]['lines']);
        $rest = $this->get("/logbook?kind=reading&before={$first['earlier']}")->inertiaProps();
        $this->assertSame([30, null], [count($rest['days'][0]['lines']), $rest['earlier']]);
        $pdf = (string) $this->get('/logbook-a4.pdf?kind=reading')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $this->assertStringStartsWith('%PDF-', $pdf);
        $this->get('/logbook-a3.pdf')->assertNotFound();
    }
}
