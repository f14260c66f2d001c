<?php

declare(strict_types=1);

namespace Tests\Feature\TakingIn;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Plan\PlanEntry;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Stage;
use Tests\TestCase;

/** An instrument that is on the bench when the shop begins with Regimen. */
final class TakingInTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $more */
    private function begin(array $more = []): TestResponse
    {
        return $this->post('/taking-in', [
            'number' => '27', 'purpose' => 'commission', 'client' => 'Clara Fennimore', 'promised_on' => '31 Jul',
            'specification' => self::SPECIFICATION, ...$more,
        ]);
    }

    /** @return array<int, array<string, string>> all of some stages, done */
    private function done(Build $build, Stage ...$stages): array
    {
        return $build->operations()->get()
            ->filter(static fn (Operation $one): bool => in_array($one->stage, $stages, true))
            ->mapWithKeys(static fn (Operation $one): array => [$one->id => ['state' => 'done']])
            ->all();
    }

    /** @param  array<string, mixed>  $more */
    private function takeIn(Build $build, array $more): TestResponse
    {
        return $this->post("/builds/{$build->number}/taking-in", [
            'version' => $build->refresh()->version, 'worker_id' => $this->manager->id, ...$more,
        ]);
    }

    public function test_an_instrument_keeps_its_number_and_what_is_not_known_stays_open(): void
    {
        $this->begin()->assertSessionHasNoErrors()->assertRedirect('/builds/27/taking-in');
        $build = Build::query()->sole();
        $this->assertSame([27, '2026-07-31', null], [$build->number, $build->promised_on, $build->price_minor]);
        $this->begin()->assertSessionHasErrors(['number' => 'There is a build of that number already.']);
        $this->begin(['number' => ''])->assertSessionHasErrors('number');
        $this->begin(['number' => '28', 'promised_on' => '2026-02-27'])->assertSessionHasNoErrors();
        $this->assertSame(28, Build::query()->max('number'), 'one that is late already is taken in as well');
        $page = $this->get('/builds/27/taking-in')->assertOk();
        $this->assertSame('Brief', $page->inertiaProps('stages.0.words'));
    }

    public function test_what_is_done_holds_and_there_is_said_once_and_planned_with_the_others(): void
    {
        $this->begin();
        $build = Build::query()->sole();
        $before = (string) PlanEntry::query()->max('finish');
        $done = $this->done($build, Stage::Brief, Stage::Design, Stage::Parts);
        $neck = $build->operations()->get()->filter(static fn (Operation $one): bool => $one->stage === Stage::Neck)->values();
        $holding = $neck->first(static fn (Operation $one): bool => $one->hold_minutes > 0);
        $this->assertNotNull($holding);
        foreach ($this->before($holding) as $id) {
            $done[$id] = ['state' => 'done'];
        }
        $arrived = KitLine::query()->where('name', 'bridge')->sole();
        $ordered = KitLine::query()->where('group', 'strings')->firstOrFail();
        $this->takeIn($build, [
            'operations' => $done
                + [$holding->id => ['state' => 'holding', 'until' => 'tomorrow 10:00']],
            'hours' => ['brief' => '3', 'parts' => '2:30', 'neck' => '4.5'],
            'kit' => [
                $arrived->id => ['state' => 'arrived'], $ordered->id => ['state' => 'ordered', 'expected_on' => 'in 2 weeks'],
            ],
        ])->assertSessionHasNoErrors()->assertRedirect('/builds/27');

        $this->assertSame(OperationState::Holding, $holding->refresh()->state);
        $this->assertSame('2026-03-19 09:00:00', $holding->hold_until?->toDateTimeString());
        $this->assertSame(count($done), Operation::query()->where('state', 'done')->count());
        $this->assertSame(600, (int) TimeEntry::query()->sum('minutes'), 'every minute, to the last');
        $this->assertSame(['taken in'], TimeEntry::query()->distinct()->pluck('source')->all(), 'nothing as if by clock');
        $this->assertSame(['arrived', '2026-03-18'], [$arrived->refresh()->state->value, $arrived->arrived_on]);
        $this->assertSame(['ordered', '2026-04-01'], [$ordered->refresh()->state->value, $ordered->expected_on]);
        $this->assertStringContainsString('Taken in from the bench', LogEntry::query()->where('kind', 'taken-in')->sole()->text);
        $this->assertNotNull($build->specification()->sole()->released_at, 'it is past the first cut');
        $this->assertLessThan($before, (string) PlanEntry::query()->max('finish'), 'planned from where it stands');

        $this->takeIn($build, [])->assertSessionHasErrors('operations');
        $this->assertStringContainsString('recorded here already', session('errors')->first('operations'));
    }

    public function test_a_moment_is_understood_while_it_is_typed(): void
    {
        $this->actingAs($this->manager);
        $this->postJson('/days', ['typed' => 'Fri 2:30 pm', 'timed' => true])
            ->assertExactJson(['day' => '2026-03-20T14:30', 'words' => 'Fri 20 Mar 2026 14:30']);
        $this->postJson('/days', ['typed' => '29 Mar 2:30', 'timed' => true])
            ->assertJsonPath('words', 'Sun 29 Mar 2026 03:30');
        $this->postJson('/days', ['typed' => 'Fri', 'timed' => true])->assertJsonPath('day', null);
        $this->assertStringContainsString(
            'has no time of the day', (string) $this->postJson('/days', ['typed' => 'Fri', 'timed' => true])->json('words'),
        );
    }

    /** @return list<int> everything that comes before, however far back */
    private function before(Operation $one): array
    {
        $open = [$one->id];
        $seen = [];
        while ($open !== []) {
            $id = array_pop($open);
            foreach (DB::table('operation_links')->where('after_id', $id)->pluck('before_id') as $before) {
                if (! in_array($before, $seen, true)) {
                    $seen[] = $before;
                    $open[] = $before;
                }
            }
        }

        return $seen;
    }

    public function test_what_cannot_have_been_is_refused_at_its_place_and_nothing_is_changed(): void
    {
        $this->begin();
        $build = Build::query()->sole();
        $draw = $this->operation($build, PreparationOperation::Draw->value);
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        foreach ([
            ["operations.{$draw->id}", ['operations' => [$draw->id => ['state' => 'done']]]],
            ['operations', ['operations' => [99999 => ['state' => 'done']]]],
            ["operations.{$agree->id}.state", ['operations' => [$agree->id => ['state' => 'nearly']]]],
            ["operations.{$agree->id}.until", ['operations' => [$agree->id => ['state' => 'holding', 'until' => '2026-03-18T08:00']]]],
            ["operations.{$agree->id}.until", ['operations' => [$agree->id => ['state' => 'holding', 'until' => 'tomorrow']]]],
            ['hours.neck', ['hours' => ['neck' => '4']]],
            ['hours.brief', ['hours' => ['brief' => 'many']]],
            ['hours', ['hours' => ['kitchen' => '4']]],
            ['worker_id', ['worker_id' => 99]],
            ['operations', ['operations' => 'all']],
            ['kit.1.expected_on', ['kit' => [1 => ['state' => 'ordered']]]],
            ['conflict', ['version' => 7]],
        ] as [$field, $said]) {
            $this->takeIn($build, $said)->assertSessionHasErrors($field);
            session()->flush();
            $this->actingAs($this->manager);
        }
        $this->assertSame(0, TimeEntry::query()->count() + Operation::query()->where('state', '!=', 'open')->count());
        $this->actingAs($this->maker)->get('/builds/27/taking-in')->assertForbidden();
        $this->post('/builds/27/taking-in', [])->assertForbidden();
        $this->get('/taking-in/new')->assertForbidden();
    }

    public function test_a_stop_that_is_left_is_said_and_keeps_the_bench_waiting(): void
    {
        $this->begin(['specification' => [...self::SPECIFICATION, 'rodLength' => '520']]);
        $build = Build::query()->sole();
        $cut = $build->operations()->get()->first(static fn (Operation $one): bool => $one->stage === Stage::Neck);
        $this->assertNotNull($cut);
        $done = array_fill_keys([...$this->before($cut), $cut->id], ['state' => 'done']);
        $this->takeIn($build, ['operations' => $done])->assertSessionHasNoErrors();
        $this->assertStringContainsString('cannot be released', session('done'));
        $this->assertNull($build->draft()->sole()->released_at);
    }
}
