<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Bench\AccountedDay;
use App\Models\Bench\Instruction;
use App\Models\Bench\Interruption;
use App\Models\Bench\SetUpReading;
use App\Models\Bench\Tick;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use App\Models\Setback\Setback;
use Illuminate\Http\UploadedFile;
use Regimen\Route\Operations\Handling;
use Tests\TestCase;

/** One's own work, beside it. */
final class BenchTest extends TestCase
{
    use AtTheBench;

    public function test_what_is_under_the_hand_is_shown_with_what_it_needs_and_nothing_else(): void
    {
        $channel = $this->ready('neck.channel');
        $page = $this->get("/bench?operation={$channel->id}")->assertOk()->inertiaProps();
        $now = $page['now'];
        $this->assertSame(['truss-rod channel', 'neck', 1], [$now['name'], $now['piece'], $now['build']]);
        $words = implode(' ', array_column($now['drawing']['shapes'], 'words'));
        $this->assertStringContainsString('9.0 · 23/64" deep', $words);
        $this->assertSame('ends with 7 readings', $now['ends']);
        $this->assertSame('cannot be undone', $now['kind']);
        $this->assertSame('', $now['waits']);
        $this->assertNotSame([], $now['cautions']);
        $outline = $this->operation($this->build, 'neck.outline');
        $this->assertStringContainsString('is not done', $this->get("/bench?operation={$outline->id}")->inertiaProps('now.waits'));
        foreach (['abc', '-1', '99999999999999999999', '999999'] as $wrong) {
            $this->get("/bench?operation={$wrong}&time[]=x")->assertOk();
        }
    }

    public function test_called_away_the_clock_stops_and_the_time_belongs_to_the_day(): void
    {
        $channel = $this->ready('neck.channel');
        $this->post('/bench/away', ['reason' => 'customer'])->assertSessionHasErrors('away');
        $this->post("/operations/{$channel->id}/clock");
        $this->at('2026-03-16 08:40');
        $this->post('/bench/away', ['reason' => 'an owl'])->assertSessionHasErrors('reason');
        $this->post('/bench/away', ['reason' => 'customer', 'note' => 'wants to see his neck'])->assertSessionHasNoErrors();
        $this->assertSame('customer, since 8:40', $this->get('/bench')->inertiaProps('away'));
        $this->at('2026-03-16 09:05');
        $this->post("/operations/{$channel->id}/clock", ['version' => $channel->refresh()->version])->assertSessionHasNoErrors();
        $this->assertSame([40, null], TimeEntry::query()->orderBy('id')->pluck('minutes')->all());
        $this->assertSame([25, '2026-03-16'], [Interruption::query()->sole()->minutes, Interruption::query()->sole()->day]);
        $this->assertNull($this->get('/bench')->inertiaProps('away'));
    }

    public function test_in_the_evening_it_asks_once_for_what_is_missing_and_takes_it_in_one_line(): void
    {
        $channel = $this->ready('neck.channel');
        $this->post("/operations/{$channel->id}/hours", ['hours' => '2', 'worked_on' => '2026-03-16', 'sure' => true]);
        $this->assertNull($this->get('/bench')->inertiaProps('missing'), 'not before the day is over');
        $this->at('2026-03-16 18:30');
        $missing = $this->get('/bench')->inertiaProps('missing');
        $this->assertSame('2026-03-16', $missing['day']);
        $line = ['day' => '2026-03-16', 'line' => ''];
        foreach ([
            'something' => 'can\'t be read', '20 h customer' => 'are more than', '1 h 99 carve' => 'No. 99 is not in the making', '1 h 1 juggle' => 'has no operation “juggle”',
            'rest a, rest b' => 'one “rest”',
        ] as $typed => $said) {
            $this->post('/bench/day', [...$line, 'line' => $typed])->assertSessionHasErrors('line');
            $this->assertStringContainsString($said, session('errors')->first('line'), $typed);
        }
        $this->assertSame(0, Interruption::query()->count(), 'all of it or nothing');
        $this->post('/bench/day', [...$line, 'line' => '1 h 1, 40 min phone, rest errands'])->assertSessionHasNoErrors();
        $this->assertSame(180, (int) TimeEntry::query()->sum('minutes'));
        $this->assertSame(['telephone', 'other'], Interruption::query()->orderBy('id')->pluck('reason')->map(static fn ($one): string => $one->value)->all());
        $this->assertSame($missing['minutes'] - 60, (int) Interruption::query()->sum('minutes'));
        $this->assertNull($this->get('/bench')->inertiaProps('missing'));
        $this->post('/bench/day', [...$line, 'line' => '1 min phone'])->assertSessionHasErrors('line');
        $this->assertSame(1, AccountedDay::query()->count());
    }

    public function test_a_gentle_day_gives_nothing_that_cannot_be_undone_and_the_plan_follows(): void
    {
        $this->ready('neck.channel');
        $this->post('/climate', ['temperature' => '20', 'humidity' => '45']);
        $today = fn (): array => PlanEntry::query()->where('person_id', $this->maker->id)->with('operation')->get()
            ->filter(static fn (PlanEntry $one): bool => $one->start?->setTimezone('Europe/Berlin')->toDateString() === '2026-03-16')
            ->map(static fn (PlanEntry $one): bool => Handling::of($one->operation->key, $one->operation->station, (bool) $one->operation->one_sitting)->isGentle())->all();
        $this->post('/bench/gentle', ['gentle' => false]);
        $this->assertContains(false, $today(), 'as every day');
        $this->post('/bench/gentle', ['gentle' => true])->assertSessionHasNoErrors()->assertSessionHas('done', 'A gentle day: the plan follows. Every promise can be kept.');
        $this->assertNotContains(false, $today());
        $this->assertTrue($this->get('/bench')->inertiaProps('gentle'));
        $this->assertTrue(LogEntry::query()->where('text', 'Tobias has a gentle day.')->exists());
        $this->at('2026-03-17 08:00');
        $this->assertFalse($this->get('/bench')->inertiaProps('gentle'), 'the next day is another one');
    }

    public function test_something_wrong_stops_the_clock_and_stands_on_today_until_it_is_decided_and_there_the_next_time(): void
    {
        $channel = $this->ready('neck.channel');
        $this->post("/operations/{$channel->id}/clock");
        $this->at('2026-03-16 08:30');
        $this->post("/operations/{$channel->id}/wrong", ['text' => ''])->assertSessionHasErrors('text');
        $this->post("/operations/{$channel->id}/wrong", ['text' => 'a knot on the line'])->assertSessionHasNoErrors();
        $this->assertSame(30, (int) TimeEntry::query()->sole()->minutes);
        $this->assertSame('a knot on the line', $this->get('/today')->inertiaProps('wrong.0.text'));
        $setback = Setback::query()->sole();
        $this->assertSame('neck', $setback->piece?->value, 'the operation says which piece');
        $settled = ['version' => $setback->version, 'because' => 'cut around it'];
        $this->post("/setbacks/{$setback->id}/withdraw", $settled)->assertForbidden();
        $this->actingAs($this->manager->refresh());
        $this->post("/setbacks/{$setback->id}/decide", ['version' => $setback->version, 'do' => 'keep', 'because' => 'cut around it'])->assertSessionHasNoErrors();
        $this->post("/setbacks/{$setback->id}/withdraw", $settled)->assertSessionHasErrors('remedy');
        $this->assertSame([], $this->get('/today')->inertiaProps('wrong'));
        $next = $this->operation($this->build(), 'neck.channel');
        $this->assertSame('a knot on the line (leave it as it is: cut around it)', $this->get("/bench?operation={$next->id}")->inertiaProps('now.wrong.0.words'));
    }

    public function test_photographs_are_kept_large_and_small_and_what_is_none_is_refused(): void
    {
        $channel = $this->ready('neck.channel');
        $take = fn (UploadedFile $file) => $this->post("/operations/{$channel->id}/photographs", ['photograph' => $file, 'caption' => 'the grain']);
        $take(UploadedFile::fake()->createWithContent('a.jpg', 'no picture'))->assertSessionHasErrors('photograph');
        $take(UploadedFile::fake()->createWithContent('a.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'))->assertSessionHasErrors('photograph');
        $take(UploadedFile::fake()->image('a.png', 2400, 1200))->assertSessionHasNoErrors();
        $small = getimagesizefromstring((string) $this->get('/photographs/1-small.jpg')->assertOk()->getContent());
        $this->assertSame([960, 480], array_slice((array) $small, 0, 2));
        $answer = $this->get('/photographs/1.jpg')->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $size = getimagesizefromstring((string) $answer->getContent());
        $this->assertSame([2400, 1200, IMAGETYPE_JPEG], array_slice((array) $size, 0, 3));
        $this->get('/photographs/2.jpg')->assertNotFound();
        $this->assertStringContainsString('the grain', (string) LogEntry::query()->where('kind', 'photograph')->value('text'));
        auth()->logout();
        $this->get('/photographs/1.jpg')->assertRedirect('/sign-in');
    }

    public function test_how_the_house_does_it_is_kept_in_versions_and_shown_there_next_time(): void
    {
        $channel = $this->ready('neck.channel');
        $write = fn (string $text, int $seen) => $this->post("/operations/{$channel->id}/instruction", ['text' => $text, 'seen' => $seen, 'photograph' => UploadedFile::fake()->image('a.jpg', 40, 40)]);
        $write('Fence at 6.', 0)->assertSessionHasNoErrors();
        $write('Fence at 7.', 0)->assertSessionHasErrors('text');
        $write('Fence at 6, three passes.', 1)->assertSessionHasNoErrors();
        $this->assertSame(['Fence at 6.', 'Fence at 6, three passes.'], Instruction::query()->orderBy('version')->pluck('text')->all());
        $next = $this->operation($this->build(), 'neck.channel');
        $shown = $this->get("/bench?operation={$next->id}")->inertiaProps('now.instruction');
        $this->assertSame(['Fence at 6, three passes.', 2, 'Tobias'], [$shown['text'], $shown['version'], $shown['by']]);
        $this->assertCount(1, $shown['photographs']);
    }

    public function test_before_something_is_closed_its_list_is_looked_at(): void
    {
        $string = $this->ready('set-up.string');
        $this->post("/operations/{$string->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('bushings are free of finish', session('errors')->first('clock'));
        $list = $this->get("/bench?operation={$string->id}")->inertiaProps('now.lists.0');
        $this->assertSame('Before it is closed', $list['title']);
        foreach ($list['items'] as $item) {
            $this->post("/operations/{$string->id}/ticks", ['list' => 'closing', 'item' => $item['item'], 'ticked' => true])->assertSessionHasNoErrors();
            $this->post("/operations/{$string->id}/ticks", ['list' => 'closing', 'item' => $item['item'], 'ticked' => true])->assertSessionHasNoErrors();
        }
        $this->assertSame(count($list['items']), Tick::query()->count());
        $this->post("/operations/{$string->id}/clock")->assertSessionHasNoErrors();
        $this->post("/operations/{$string->id}/ticks", ['list' => 'closing', 'item' => 'the cat is out', 'ticked' => true])->assertSessionHasErrors('item');
        $this->actingAs($this->manager->refresh());
        $harness = $this->operation($this->build, 'electronics.harness');
        $joints = array_column($this->get("/bench?operation={$harness->id}")->inertiaProps('now.lists.0.items'), 'item');
        $this->assertStringContainsString('ground: bridge and strings to ground', implode(' ', $joints));
        $this->assertStringContainsString('neck hot to switch, lug 1', implode(' ', $joints));
    }

    public function test_what_fits_into_forty_minutes_is_ready_and_short_or_can_be_left(): void
    {
        $this->ready('neck.channel');
        $page = $this->get('/bench?time=40')->inertiaProps();
        $this->assertSame('40 min', $page['fits']);
        foreach ($page['fitting'] as $one) {
            $operation = Operation::query()->findOrFail($one['operation']);
            $this->assertTrue($operation->workMinutes() <= 40 || str_contains($one['because'], 'can be left'), $one['name']);
            $this->get("/bench?operation={$one['operation']}")->assertInertia(static fn ($shown) => $shown->where('now.waits', ''));
        }
        $this->assertSame('', $this->get('/bench?time=soon')->inertiaProps('fits'));
        $this->assertNotSame([], $this->get('/bench?time=8:00')->inertiaProps('fitting'));
    }

    public function test_what_changed_in_my_day_is_told_with_why_until_it_was_seen(): void
    {
        $this->ready('neck.channel');
        $this->get('/bench');
        $this->assertSame([], $this->get('/bench')->inertiaProps('changed'));
        $this->actingAs($this->manager->refresh());
        $this->post('/plan/changes', ['changes' => [['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-16', 'to' => '2026-03-16', 'what' => 'errand', 'part' => '9-12']]])->assertSessionHasNoErrors();
        $this->actingAs($this->maker->refresh());
        $changed = $this->get('/bench')->inertiaProps('changed');
        $this->assertNotSame([], $changed);
        $this->assertStringContainsString('Tobias', $changed[0]['because']);
        $this->post('/bench/seen');
        $this->assertSame([], $this->get('/bench')->inertiaProps('changed'));
    }

    public function test_the_set_up_loop_is_read_advised_and_taken_back(): void
    {
        $read = fn (string $step, array $values) => $this->post('/builds/1/set-up/readings', ['step' => $step, 'values' => $values, 'settled' => false, 'did' => 'turned a little']);
        $read('relief', ['0.45'])->assertSessionHasNoErrors();
        $this->assertStringContainsString('Tighten the rod', $this->get('/builds/1/set-up')->inertiaProps('headline') ? implode(' ', array_column($this->get('/builds/1/set-up')->inertiaProps('steps.0.advice'), 'words')) : '');
        $read('action', ['0.45 kΩ'])->assertSessionHasErrors('values.0');
        $read('action', ['18'])->assertSessionHasErrors('values.0');
        $read('action', [])->assertSessionHasErrors('values');
        $read('action', [9 => '1.8'])->assertSessionHasErrors('values.9');
        $read('temper', ['1'])->assertSessionHasErrors('step');
        $read('relief', ['0.2'])->assertSessionHasNoErrors();
        $this->assertSame([], $this->get('/builds/1/set-up')->inertiaProps('steps.0.advice'));
        $last = SetUpReading::query()->orderByDesc('id')->firstOrFail();
        $this->post("/builds/1/set-up/readings/{$last->id}/undo")->assertSessionHasNoErrors();
        $this->post("/builds/1/set-up/readings/{$last->id}/undo")->assertSessionHasErrors('conflict');
        $this->assertSame('0.45 mm', $this->get('/builds/1/set-up')->inertiaProps('steps.0.cells.0.value'), 'what was read before counts again');
        $this->post('/builds/1/set-up/frets', ['heights' => '0.1 x'])->assertSessionHasErrors('heights');
        $this->post('/builds/1/set-up/frets', ['heights' => '0.1 0.2'])->assertSessionHasErrors('heights');
        $heights = array_fill(0, 22, '0');
        $heights[5] = '0.08';
        $this->post('/builds/1/set-up/frets', ['heights' => implode(' ', $heights)])->assertSessionHasNoErrors();
        $frets = $this->get('/builds/1/set-up')->inertiaProps('frets');
        $this->assertSame([6], $frets['rocking']);
        $this->assertEqualsWithDelta(0.05, $frets['off'][5], 1e-4);
        $string = $this->ready('set-up.string');
        $this->post("/operations/{$string->id}/gate/from-set-up", ['settled' => false])->assertRedirect("/operations/{$string->id}/gate");
        $this->assertSame('0.45 mm', $this->get("/operations/{$string->id}/gate")->inertiaProps('lines.0.places.0.readings.0.shown'));
    }
}
