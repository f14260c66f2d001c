<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\House\Resource;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/**
 * Machines that are down, parts that come late, builds that are held or pushed: what each does to the plan, and the
 * words for it.
 */
final class OutagesTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $this->build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        app(Planner::class)->replan('ready to cut');
    }

    public function test_nothing_is_planned_on_a_station_while_it_is_down_and_the_reason_names_it(): void
    {
        $saw = Resource::query()->where('key', 'saw-and-planer')->firstOrFail();
        $this->settle(
            [
                'kind' => 'down', 'resource' => $saw->id, 'from' => '2026-03-18T08:00', 'to' => '2026-03-25T12:00',
                'note' => 'the bearings are on order',
            ],
        );
        $on = PlanEntry::query()->whereRelation('operation', 'station', 'saw-and-planer')->get();
        $this->assertNotEmpty($on);
        foreach ($on as $entry) {
            $this->assertGreaterThanOrEqual('2026-03-25 11:00:00', $entry->start?->toDateTimeString());
        }
        $first = $on->firstWhere('reason_kind', 'outage');
        $because = collect(
            $this->get('/builds/1')->inertiaProps('operations'),
        )->firstWhere('id', $first?->operation_id)['because'];
        $this->assertSame('The saw and planer is out of use: the bearings are on order.', $because);
    }

    public function test_an_outage_that_is_over_is_forgotten_and_one_to_come_leaves_today_alone(): void
    {
        $before = PlanEntry::query()
            ->where('start', '<', '2026-03-19 00:00:00')
            ->get(['operation_id', 'start'])
            ->toJson();
        $saw = Resource::query()->where('key', 'saw-and-planer')->firstOrFail();
        $this->settle(
            ['kind' => 'down', 'resource' => $saw->id, 'from' => '2026-06-01T08:00', 'to' => '2026-06-02T12:00'],
        );
        $this->assertSame(
            $before,
            PlanEntry::query()->where('start', '<', '2026-03-19 00:00:00')->get(['operation_id', 'start'])->toJson(),
        );
        $this->at('2026-06-03 08:00');
        $this->assertSame([], $this->get('/plan/calendar')->inertiaProps('outages'));
    }

    public function test_a_part_that_comes_late_moves_what_waits_for_it_and_is_what_it_waits_for(): void
    {
        $line = $this->build->kit()->where('group', 'bridge')->firstOrFail();
        $line->update(['state' => 'ordered', 'expected_on' => '2026-03-20', 'ordered_on' => '2026-03-10']);
        $this->settle(['kind' => 'part', 'line' => $line->id, 'expected_on' => '2026-05-04']);
        $waiting = PlanEntry::query()
            ->where('reason_kind', 'release')
            ->get()
            ->first(static fn (PlanEntry $entry): bool => str_contains($entry->reason_text, 'expected Mon 4 May'));
        $this->assertNotNull($waiting);
        $this->assertGreaterThan('2026-05-04 22:00:00', $waiting->start?->toDateTimeString(), 'from the morning after');
        $this->assertSame('2026-05-04', $line->refresh()->expected_on);
    }

    public function test_a_build_on_hold_begins_nothing_new_but_goes_on_with_what_was_begun(): void
    {
        $begun = $this->operation($this->build, BodyOperation::Thickness->value);
        DB::table('operations')->where('id', $begun->id)->update(
            ['state' => 'started', 'started_at' => '2026-03-18 08:00:00', 'person_id' => $this->maker->id],
        );
        $this->settle(['kind' => 'hold', 'build' => 1, 'until' => '2026-04-20', 'because' => 'the client is abroad']);
        foreach (PlanEntry::query()->with('operation')->get() as $entry) {
            $entry->operation_id === $begun->id
                ? $this->assertLessThan('2026-03-20 00:00:00', $entry->start?->toDateTimeString())
                : $this->assertGreaterThanOrEqual('2026-04-19 22:00:00', $entry->start?->toDateTimeString());
        }
        $held = PlanEntry::query()->where('reason_kind', 'release')->firstOrFail();
        $this->assertSame('the build is on hold until Mon 20 Apr: the client is abroad', $held->reason_text);
        $sheet = $this->get('/builds/1')->inertiaProps('build');
        $this->assertSame(['2026-04-20', 'the client is abroad'], [$sheet['heldUntil'], $sheet['heldBecause']]);
        $this->settle(['kind' => 'hold', 'build' => 1, 'until' => null]);
        $this->assertLessThan(
            '2026-04-19 22:00:00',
            PlanEntry::query()->where('operation_id', '!=', $begun->id)->min('start'),
        );
    }

    public function test_a_build_that_is_pushed_ahead_is_over_sooner_and_the_other_later(): void
    {
        $other = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $other, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        // One pair of hands and nothing to wait for: then it matters which goes first.
        DB::table('operations')->update(['hold_minutes' => 0]);
        DB::table('people')->update(['skills' => json_encode(
            ['design', 'necks', 'frets', 'bodies', 'joints', 'finish', 'electronics', 'set-up'],
        )]);
        DB::table('people')->where('id', $this->maker->id)->update(['active' => false]);
        app(Planner::class)->replan('both are ready to cut');
        $finish = static fn (Build $build): string => (string) PlanEntry::query()->where('build_id', $build->id)->max('finish');
        [$first, $second] = $finish($this->build) < $finish($other) ? [$this->build, $other] : [$other, $this->build];
        $before = [$finish($first), $finish($second)];
        $this->settle(['kind' => 'push', 'build' => $second->number, 'days' => 90]);
        $this->settle(['kind' => 'push', 'build' => $first->number, 'days' => -90]);
        $this->assertLessThan($before[1], $finish($second));
        $this->assertGreaterThanOrEqual($before[0], $finish($first));
        $this->assertSame([90, -90], [$second->refresh()->push_days, $first->refresh()->push_days]);
    }

    public function test_the_suggested_promise_holds_as_often_as_the_house_wants(): void
    {
        $ask = fn (string $promise): array => (array) $this
            ->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION, 'model_id' => '', 'promised_on' => $promise])
            ->assertOk()
            ->json('figures');
        $answer = $ask('');
        $this->assertSame([50, 80, 95], array_column($answer['chances'], 'percent'));
        $this->assertSame($answer['chances'][1]['day'], $answer['promisable'], 'the house wants eight in ten');
        $this->assertNull($answer['promiseChance']);
        $this->assertGreaterThanOrEqual(80, $ask($answer['promisable'])['promiseChance']);
        $before = (new \DateTimeImmutable($answer['promisable']))->modify('-1 day')->format('Y-m-d');
        $this->assertLessThan(80, $ask($before)['promiseChance'], 'the day before it is not as sure');
        DB::table('shops')->update(['promise_chance' => 950]);
        app(\App\Planning\House\House::class)->forget();
        $this->assertSame($answer['chances'][2]['day'], $ask('')['promisable'], 'a house that wants to be surer promises later');
    }

    public function test_another_method_is_tried_for_the_build_that_is_tightest_and_changes_nothing(): void
    {
        $this->build->update(['promised_on' => '2026-03-25']);
        app(Planner::class)->replan('sooner than can be');
        $before = [
            DB::table('operations')->count(), PlanEntry::query()->get()->toJson(), $this->build->refresh()->methods,
        ];
        $found = app(\App\Queries\Route\OtherMethods::class)->ranked();
        foreach ($found as $one) {
            $this->assertSame(['method', 1], [$one->change['kind'] ?? '', $one->change['build'] ?? 0]);
            $this->assertLessThan($one->gains[0]->before.'z', $one->gains[0]->after);
        }
        $this->assertSame(
            $before,
            [DB::table('operations')->count(), PlanEntry::query()->get()->toJson(), $this->build->refresh()->methods],
        );
        $this->assertNotNull(Operation::query()->where('build_id', $this->build->id)->first());
    }

    /** @param  array<string, mixed>  $body */
    private function settle(array $body): void
    {
        $this->post('/plan/changes', ['changes' => [$body]])->assertSessionHasNoErrors();
    }
}
