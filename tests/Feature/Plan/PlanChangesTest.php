<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\House\HouseModel;
use App\Models\House\Resource;
use App\Models\People\DayOff;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanChange;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanTrouble;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Schedule\Problem\Promise;
use Tests\TestCase;

/** What is settled about the plan: judged beside it, made in one transaction, told in the logbook, taken back. */
final class PlanChangesTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
        DB::table('people')->where('id', $this->maker->id)->update(
            ['skills' => json_encode(['bodies', 'necks', 'frets', 'joints'])],
        );
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        app(Planner::class)->replan('ready to cut');
        $this->actingAs($this->manager);
    }

    public function test_an_operation_is_pinned_to_a_person_and_a_day_and_behind_another(): void
    {
        $neck = $this->operation($this->build, NeckOperation::Square->value);
        $body = $this->operation($this->build, BodyOperation::Thickness->value);
        $this->make(['kind' => 'pin', 'operation' => $neck->id, 'person' => $this->maker->id, 'day' => '2026-03-26']);
        $entry = $this->entry($neck);
        $this->assertSame(
            [$this->maker->id, '2026-03-26', 'pin'],
            [$entry->person_id, $entry->start?->toDateString(), $entry->reason_kind],
        );
        $this->assertStringContainsString(
            'square the neck blank',
            LogEntry::query()->where('kind', 'plan')->latest('id')->firstOrFail()->text,
        );
        $this->assertSame(
            $this->build->id,
            LogEntry::query()->where('kind', 'plan')->latest('id')->firstOrFail()->build_id,
        );
        $this->make(['kind' => 'pin', 'operation' => $neck->id, 'after' => $body->id]);
        $this->assertNull(Pin::query()->findOrFail($neck->id)->day, 'a new pin takes the place of the old one');
        $this->assertGreaterThanOrEqual($this->entry($body)->work_end, $this->entry($neck)->start);
        $this->make(['kind' => 'pin', 'operation' => $neck->id]);
        $this->assertSame(0, Pin::query()->count());
        $this->assertStringContainsString('not pinned any more', (string) session('done'));
    }

    public function test_a_pin_to_what_is_planned_moves_nothing_and_is_kept_from_then_on(): void
    {
        $this->build([], '2026-06-30');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        app(Planner::class)->replan('a second build');
        $before = $this->plan();
        foreach (PlanEntry::query()->whereNotNull('start')->whereNotNull('person_id')->orderBy('start')->get()->filter(
            static fn (PlanEntry $one, int $index): bool => $index % 17 === 0,
        ) as $entry) {
            $day = $entry->start?->setTimezone('Europe/Berlin')->toDateString();
            $body = [
                'kind' => 'pin', 'operation' => $entry->operation_id, 'person' => $entry->person_id, 'day' => $day,
            ];
            $effect = $this->postJson('/plan/judge', ['changes' => [$body]])->assertOk()->json();
            $this->assertSame([], $effect['builds'], 'the trial says so, too');
            $this->make($body);
            $this->assertSame($before, $this->plan());
            $this->assertSame($day, Pin::query()->findOrFail($entry->operation_id)->day);
        }
        // From now on they are kept: planned anew, each begins on its day and with its person.
        $pins = Pin::query()->get();
        $this->assertGreaterThan(4, $pins->count());
        app(Planner::class)->replan('anew');
        foreach ($pins as $pin) {
            $entry = PlanEntry::query()->findOrFail($pin->operation_id);
            $this->assertSame(
                [$pin->person_id, $pin->day],
                [$entry->person_id, $entry->start?->setTimezone('Europe/Berlin')->toDateString()],
            );
        }
    }

    public function test_what_was_settled_last_is_taken_back_first_and_to_the_minute(): void
    {
        $before = $this->plan();
        $neck = $this->operation($this->build, NeckOperation::Square->value);
        $this->make(['kind' => 'pin', 'operation' => $neck->id, 'day' => '2026-03-26']);
        $this->make(['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01', 'because' => 'the client moves house']);
        [$pin, $hold] = PlanChange::query()->orderBy('id')->get()->all();
        $this->post("/plan/changes/{$pin->id}/undo")->assertSessionHasErrors('conflict');
        $this->assertSame($hold->id, $this->get('/horizon')->inertiaProps('undo.id'));
        $this->post("/plan/changes/{$hold->id}/undo")->assertSessionHasNoErrors();
        $this->post("/plan/changes/{$pin->id}/undo")->assertSessionHasNoErrors();
        $this->assertSame($before, $this->plan());
        $this->assertNull($this->get('/horizon')->inertiaProps('undo'));
        $this->post("/plan/changes/{$pin->id}/undo")->assertSessionHasErrors('conflict');
    }

    public function test_every_kind_of_change_is_judged_without_a_trace_then_made_and_taken_back(): void
    {
        $line = $this->build->kit()->firstOrFail();
        $line->update(['state' => 'ordered', 'expected_on' => '2026-03-20']);
        $station = Resource::query()->where('key', 'router-table')->firstOrFail();
        $model = HouseModel::query()->first()
            ?? HouseModel::query()->create(['name' => 'Kite', 'type' => 'guitar', 'body' => []]);
        foreach ([
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'to' => '2026-03-25',
                'what' => 'off', 'note' => 'flu',
            ],
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'to' => '2026-04-30',
                'part' => '13:00–15:00', 'what' => 'teaching', 'every' => 'week',
            ],
            [
                'kind' => 'longer', 'person' => $this->manager->id, 'from' => '2026-03-19', 'to' => '2026-03-27',
                'minutes' => '60',
            ],
            [
                'kind' => 'down', 'resource' => $station->id, 'from' => '2026-03-18T10:00', 'to' => '2026-03-24T12:00',
                'note' => 'new bearings',
            ],
            ['kind' => 'part', 'line' => $line->id, 'expected_on' => '2026-04-10'],
            [
                'kind' => 'promise', 'build' => 1, 'promised_on' => '2026-05-05', 'promise_kind' => 'immovable',
                'because' => 'the show',
            ],
            ['kind' => 'hold', 'build' => 1, 'until' => '2026-04-01'],
            ['kind' => 'push', 'build' => 1, 'days' => '14'],
            ['kind' => 'more', 'resource' => $station->id, 'by' => '1'],
            ['kind' => 'skill', 'person' => $this->maker->id, 'skill' => 'finish'],
            ['kind' => 'method', 'build' => 1, 'question' => 'frets', 'answer' => 'off'],
        ] as $body) {
            $before = $this->everything();
            $effect = $this->postJson('/plan/judge', ['changes' => [$body]])->assertOk()->json();
            $this->assertSame($before, $this->everything(), "{$body['kind']} is only tried");
            $this->assertCount(1, $effect['words']);
            $this->make($body);
            $this->assertSame($effect['words'][0], PlanChange::query()->latest('id')->firstOrFail()->words);
            $finish = PlanEntry::query()->where('build_id', $this->build->id)->get()->max('finish');
            foreach ($effect['builds'] as $one) {
                $this->assertSame(
                    $one['after']['finish'], $finish->setTimezone('Europe/Berlin')->toDateString(),
                    "{$body['kind']} does what was said",
                );
            }
            $this->post(
                '/plan/changes/'.PlanChange::query()->latest('id')->value('id').'/undo',
            )->assertSessionHasNoErrors();
            $this->assertSame($before, $this->everything(), "{$body['kind']} taken back leaves nothing behind");
        }
        $this->make(
            ['kind' => 'build', 'title' => 'Talked about', 'model' => $model->id, 'promised_on' => '2026-08-01'],
        );
        $this->assertSame('Talked about', Build::query()->where('number', 2)->sole()->title);
        $this->post(
            '/plan/changes/'.PlanChange::query()->latest('id')->value('id').'/undo',
        )->assertSessionHasErrors('conflict');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no kind' => [['kind' => 'magic'], 'changes.0.kind'];
        yield 'a day that is past' => [['kind' => 'away', 'person' => 1, 'from' => '2026-03-17'], 'changes.0.from'];
        yield 'no day' => [['kind' => 'away', 'person' => 1, 'from' => 'tomorrow'], 'changes.0.from'];
        yield 'ends before it begins' => [
            ['kind' => 'away', 'person' => 1, 'from' => '2026-03-20', 'to' => '2026-03-19'],
            'changes.0.to',
        ];
        yield 'for ever' => [
            ['kind' => 'away', 'person' => 1, 'from' => '2026-03-20', 'to' => '2031-03-19'],
            'changes.0.to',
        ];
        yield 'a part that is none' => [
            ['kind' => 'away', 'person' => 1, 'from' => '2026-03-20', 'part' => 'noon'],
            'changes.0.part',
        ];
        yield 'two parts' => [
            ['kind' => 'away', 'person' => 1, 'from' => '2026-03-20', 'part' => '8–9, 10–11'],
            'changes.0.part',
        ];
        yield 'nobody' => [['kind' => 'away', 'person' => 99, 'from' => '2026-03-20'], 'changes.0.person'];
        yield 'a free day' => [['kind' => 'away', 'person' => 1, 'from' => '2026-03-21'], 'from'];
        yield 'a whole night' => [
            ['kind' => 'longer', 'person' => 1, 'from' => '2026-03-20', 'to' => '2026-03-21', 'minutes' => '600'],
            'changes.0.minutes',
        ];
        yield 'over already' => [
            ['kind' => 'down', 'resource' => 1, 'from' => '2026-03-16T08:00', 'to' => '2026-03-17T08:00'],
            'changes.0.to',
        ];
        yield 'no time' => [
            ['kind' => 'down', 'resource' => 1, 'from' => 'soon', 'to' => '2026-03-30T08:00'],
            'changes.0.from',
        ];
        yield 'not on order' => [['kind' => 'part', 'line' => 1, 'expected_on' => '2026-03-30'], 'line'];
        yield 'no such build' => [['kind' => 'hold', 'build' => 99, 'until' => '2026-03-30'], 'changes.0.build'];
        yield 'behind itself' => [['kind' => 'pin', 'operation' => 20, 'after' => 20], 'after'];
        yield 'begun already' => [['kind' => 'pin', 'operation' => 1, 'day' => '2026-03-20'], 'operation'];
        yield 'a skill they have' => [['kind' => 'skill', 'person' => 2, 'skill' => 'bodies'], 'skill'];
        yield 'fewer than none' => [['kind' => 'more', 'resource' => 1, 'by' => '-5'], 'by'];
        yield 'rows of another table' => [['kind' => 'rows', 'table' => 'people', 'remove' => [1]], 'changes.0.table'];
        yield 'rows put in' => [
            ['kind' => 'rows', 'table' => 'outages', 'remove' => [], 'add' => [['id' => 1]]],
            'changes.0.add',
        ];
        yield 'gone already' => [['kind' => 'rows', 'table' => 'outages', 'remove' => [77]], 'conflict'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_field_and_nothing_changes(array $body, string $field): void
    {
        $before = $this->everything();
        $this->post('/plan/changes', ['changes' => [$body]])->assertSessionHasErrors($field);
        $this->assertSame($before, $this->everything());
        $this->assertSame(0, PlanChange::query()->count());
    }

    public function test_several_changes_are_made_all_or_none(): void
    {
        $before = $this->everything();
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    ['kind' => 'push', 'build' => 1, 'days' => 7],
                    ['kind' => 'away', 'person' => 1, 'from' => '2026-03-21'],
                ],
            ],
        )->assertSessionHasErrors('from');
        $this->assertSame($before, $this->everything());
    }

    public function test_leave_moves_the_work_and_an_errand_leaves_the_rest_of_the_day(): void
    {
        $this->make(
            [
                'kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-18', 'to' => '2026-03-20',
                'note' => 'ill',
            ],
        );
        $this->assertSame(3, DayOff::query()->count());
        $this->assertSame(
            0,
            PlanEntry::query()
                ->where('person_id', $this->manager->id)
                ->where('start', '<', '2026-03-20 23:00:00')
                ->count(),
        );
        $this->make(
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'part' => '10:00–12:00',
                'what' => 'errand', 'note' => 'fetch wood',
            ],
        );
        $this->assertFalse(
            PlanEntry::query()
                ->where('person_id', $this->maker->id)
                ->get()
                ->contains(static fn (PlanEntry $entry): bool => $entry->start?->format('Y-m-d H') === '2026-03-19 09'),
            'nothing begins while he fetches wood, ten o’clock in the shop',
        );
        $week = $this->get('/plan/week')->inertiaProps('people');
        $this->assertSame(
            [['words' => 'errand: fetch wood', 'part' => '10:00–12:00']],
            collect($week)->firstWhere('id', $this->maker->id)['days']['2026-03-19']['away'],
        );
    }

    public function test_a_pin_that_cannot_be_kept_and_a_promise_that_is_past_are_told_on_the_horizon(): void
    {
        $cure = $this->operation($this->build, AssemblyOperation::StringUp->value);
        $this->make(['kind' => 'pin', 'operation' => $cure->id, 'day' => '2026-03-19']);
        $trouble = PlanTrouble::query()->sole();
        $this->assertSame(['pin', $cure->id], [$trouble->kind, $trouble->operation_id]);
        $shown = $this->get('/horizon')->inertiaProps('troubles');
        $this->assertSame([1, $cure->name], [$shown[0]['build'], $shown[0]['operation']]);
        DB::table('builds')->update(['promised_on' => '2026-03-10']);
        app(Planner::class)->replan('a week later');
        $this->assertContains('promise', PlanTrouble::query()->pluck('kind')->all());
    }

    public function test_half_a_plan_is_never_kept(): void
    {
        $before = $this->everything();
        DB::unprepared(
            "CREATE TRIGGER the_disk_is_full BEFORE INSERT ON planned_finishes BEGIN SELECT RAISE(ABORT, 'the disk is "
                ."full'); END",
        );
        $this->post(
            '/plan/changes',
            [
                'changes' => [
                    ['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-18', 'to' => '2026-03-27'],
                ],
            ],
        )->assertStatus(500);
        $this->assertSame([$before, 0], [$this->everything(), PlanChange::query()->count()]);
        DB::unprepared('DROP TRIGGER the_disk_is_full');
        $this->make(['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-18', 'to' => '2026-03-27']);
        $this->assertNotSame($before, $this->everything());
    }

    public function test_speed_by_skill_counts_in_the_plan_and_in_what_is_left_of_work_under_way(): void
    {
        $blank = $this->operation($this->build, BodyOperation::Thickness->value);
        $form = [
            'version' => $this->maker->version, 'name' => 'Tobias', 'email' => 'tobias@example.org', 'role' => 'maker',
            'skills' => ['bodies'], 'rate' => '', 'active' => true, 'own_hours' => false, 'hours' => [],
        ];
        $this->put(
            "/people/{$this->maker->id}", [...$form, 'speeds' => ['bodies' => '200', 'finish' => '50']],
        )->assertSessionHasNoErrors();
        $this->assertSame(['bodies' => 200], $this->maker->refresh()->speeds, 'only for skills that they have');
        $this->make(['kind' => 'pin', 'operation' => $blank->id, 'person' => $this->maker->id]);
        $this->assertSame(
            5 * (int) ceil($blank->workMinutes() / 10), $this->entry($blank)->work_minutes,
            'half of it, up to the next mark',
        );
        $this->put(
            "/people/{$this->maker->id}",
            [...$form, 'version' => $this->maker->version, 'speeds' => ['bodies' => '2000']],
        )->assertSessionHasErrors('speeds.bodies');
    }

    public function test_weights_are_shown_changed_and_kept(): void
    {
        $shown = $this->get('/horizon')->inertiaProps();
        $this->assertSame(10, $shown['weights']['immovable']);
        $this->put(
            '/plan/weights',
            ['version' => $shown['shopVersion'], ...$shown['weights'], 'immovable' => 40, 'frozenMinutes' => 240],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [40, 240],
            [
                $this->get('/horizon')->inertiaProps('weights.immovable'),
                $this->get('/horizon')->inertiaProps('weights.frozenMinutes'),
            ],
        );
        $this->put(
            '/plan/weights', ['version' => $shown['shopVersion'], ...$shown['weights']],
        )->assertSessionHasErrors('conflict');
        $this->put(
            '/plan/weights',
            ['version' => $shown['shopVersion'] + 1, ...$shown['weights'], 'late' => 'much'],
        )->assertSessionHasErrors('late');
        $this->actingAs($this->maker)->put('/plan/weights', [])->assertForbidden();
    }

    public function test_what_was_told_for_the_next_hours_stays_though_something_more_urgent_comes(): void
    {
        DB::table('shops')->update(['plan_weights' => json_encode(['frozenMinutes' => 600])]);
        $told = PlanEntry::query()
            ->where('start', '<', '2026-03-18 17:00:00')
            ->orderBy('operation_id')
            ->get(['operation_id', 'person_id', 'start'])
            ->toJson();
        $this->build([], '2026-03-20');
        $ids = array_column(json_decode($told, true), 'operation_id');
        $this->assertSame(
            $told,
            PlanEntry::query()
                ->whereIn('operation_id', $ids)
                ->orderBy('operation_id')
                ->get(['operation_id', 'person_id', 'start'])
                ->toJson(),
        );
        $this->make(['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-18', 'note' => 'ill']);
        $this->assertSame(
            0,
            PlanEntry::query()
                ->where('person_id', $this->manager->id)
                ->where('start', '<', '2026-03-18 17:00:00')
                ->count(),
            'nobody is told to work who is not there',
        );
    }

    public function test_the_kind_of_a_promise_is_taken_with_the_commission_and_with_a_move(): void
    {
        $this->post(
            '/builds/1/promise',
            [
                'version' => $this->build->refresh()->version, 'promised_on' => '2026-06-01',
                'promise_kind' => 'immovable', 'because' => 'a show',
            ],
        )->assertSessionHasNoErrors();
        $this->assertSame(Promise::Immovable, $this->build->refresh()->promise_kind);
        $this->assertStringContainsString(
            'immovable instead of promised: a show',
            LogEntry::query()->where('kind', 'promise')->latest('id')->firstOrFail()->text,
        );
        $this->post(
            '/builds/1/promise',
            [
                'version' => $this->build->version, 'promised_on' => '2026-06-01', 'promise_kind' => 'maybe',
                'because' => 'x',
            ],
        )->assertSessionHasErrors('promise_kind');
    }

    public function test_why_then_tells_the_reason_the_pin_and_what_it_could_come_behind(): void
    {
        $neck = $this->operation($this->build, NeckOperation::Square->value);
        $this->make(['kind' => 'pin', 'operation' => $neck->id, 'day' => '2026-03-26']);
        $why = $this->getJson("/operations/{$neck->id}/why")->assertOk()->json();
        $this->assertSame(['It is pinned to this day.', '2026-03-26'], [$why['because'], $why['pin']['day']]);
        $this->assertNotEmpty($why['others']);
        $this->actingAs($this->maker)->getJson("/operations/{$neck->id}/why")->assertOk();
        $this->postJson('/plan/judge', ['changes' => []])->assertForbidden();
    }

    /** @param  array<string, mixed>  $body */
    private function make(array $body): void
    {
        $this->post('/plan/changes', ['changes' => [$body]])->assertSessionHasNoErrors();
    }

    private function entry(Operation $operation): PlanEntry
    {
        return PlanEntry::query()->findOrFail($operation->id);
    }

    private function plan(): string
    {
        return PlanEntry::query()->orderBy('operation_id')->get()->toJson();
    }

    /** Everything that a change could touch, but for versions and numbers that only count. */
    private function everything(): string
    {
        $rows = [$this->plan()];
        foreach ([
            'days_off' => '*', 'overtimes' => '*', 'outages' => '*', 'pins' => '*',
            'kit_lines' => ['id', 'state', 'expected_on'],
            'builds' => ['number', 'promised_on', 'promise_kind', 'held_until', 'push_days', 'methods'],
            'people' => ['id', 'skills'], 'resources' => ['key', 'capacity'], 'operations' => ['id', 'key', 'state'],
            'plan_troubles' => ['words'], 'scenarios' => '*',
        ] as $table => $columns) {
            $rows[] = DB::table($table)->select($columns)->orderBy(1)->get()->toJson();
        }

        return str_replace('"{}"', '"[]"', implode("\n", $rows));
    }
}
