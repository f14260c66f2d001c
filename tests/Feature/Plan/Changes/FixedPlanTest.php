<?php

declare(strict_types=1);

namespace Tests\Feature\Plan\Changes;

use App\Actions\Commission\CallOff;
use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\MakeChange;
use App\Models\Build\LogEntry;
use App\Models\People\DayOff;
use App\Models\Plan\PlanChange;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanRequest;
use App\Models\Plan\PlanTrouble;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Schedule\Problem\Promise;
use Tests\TestCase;

/** What is settled about the plan: judged beside it, made in one transaction, told in the logbook, taken back. */
final class FixedPlanTest extends TestCase
{
    use ChangedPlans;

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

    public function test_what_a_change_speaks_of_may_have_gone_since_it_was_asked_for(): void
    {
        $number = $this->build->number;
        $pinned = $this->operation($this->build, AssemblyOperation::StringUp->value);
        $asked = app(Changes::class)->all([
            ['kind' => 'hold', 'build' => $number, 'until' => '2026-04-20', 'because' => 'the client is abroad'],
            ['kind' => 'push', 'build' => $number, 'days' => 2],
            ['kind' => 'promise', 'build' => $number, 'promised_on' => '2026-09-01'],
            ['kind' => 'pin', 'operation' => $pinned->id, 'day' => '2026-03-19'],
            ['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-04-20', 'to' => '2026-04-21', 'note' => ''],
            ['kind' => 'longer', 'person' => $this->maker->id, 'from' => '2026-04-20', 'to' => '2026-04-21', 'minutes' => 60, 'note' => ''],
            ['kind' => 'skill', 'person' => $this->maker->id, 'skill' => 'design'],
        ]);
        app(CallOff::class)($this->manager, $this->build, $this->build->refresh()->version, 'moved away');
        $this->maker->update(['active' => false]);
        foreach ($asked as $change) {
            try {
                app(MakeChange::class)->make($this->manager, [$change]);
                $this->fail("Made all the same: {$change->words()}");
            } catch (ValidationException) {
                $this->assertSame(0, PlanChange::query()->count());
            }
        }
    }

    public function test_half_a_plan_is_never_kept(): void
    {
        $plan = DB::table('plan_entries')->get()->toJson();
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
        )->assertSessionHasErrors(
            ['conflict' => 'It is recorded, but the plan could not be made again and is the one from before. The log says why.'],
        );
        $this->get('/today')->assertOk();
        $this->assertSame($plan, DB::table('plan_entries')->get()->toJson(), 'the plan before it is whole');
        $this->assertSame(1, PlanChange::query()->count(), 'what was recorded is not lost');
        DB::unprepared('DROP TRIGGER the_disk_is_full');
        $this->get('/today')->assertOk();
        $this->assertNotSame($plan, DB::table('plan_entries')->get()->toJson(), 'whoever looks next has it planned');
        $this->assertSame(0, PlanRequest::query()->whereNull('plan_id')->count());
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
        $this->assertSame(['Fixed to this day.', '2026-03-26'], [$why['because'], $why['pin']['day']]);
        $this->assertNotEmpty($why['others']);
        $this->actingAs($this->maker)->getJson("/operations/{$neck->id}/why")->assertOk();
        $this->postJson('/plan/judge', ['changes' => []])->assertForbidden();
    }
}
