<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\House\HouseModel;
use App\Models\House\Resource;
use App\Models\Plan\Pin;
use App\Models\Plan\PlanChange;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** What is settled about the plan: judged beside it, made in one transaction, told in the logbook, taken back. */
final class PlanChangesTest extends TestCase
{
    use ChangedPlans;

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
        // From now on they are kept: planned again, each begins on its day and with its person.
        $pins = Pin::query()->get();
        $this->assertGreaterThan(4, $pins->count());
        app(Planner::class)->replan('again');
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
        $this->assertSame('That was undone already.', session('errors')->first('conflict'));
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
        yield 'no day' => [['kind' => 'away', 'person' => 1, 'from' => 'some day'], 'changes.0.from'];
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
}
