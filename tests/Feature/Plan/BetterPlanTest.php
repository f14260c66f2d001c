<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Jobs\LookForBetterPlan;
use App\Models\Build\LogEntry;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanOffer;
use App\Planning\Plan\BetterPlan;
use App\Planning\Plan\Planner;
use App\Planning\Plan\Standings;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/**
 * A better plan is looked for beside the shop, offered with what it gains and moves, and taken or left by the manager.
 */
final class BetterPlanTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_looking_goes_to_the_queue_and_changes_nothing_by_itself(): void
    {
        $this->crowded();
        Queue::fake();
        $before = $this->plan();
        $this->post('/plan/look')->assertSessionHas('done');
        Queue::assertPushed(LookForBetterPlan::class, 1);
        $this->assertSame([$before, 0], [$this->plan(), PlanOffer::query()->count()]);
        $this->actingAs($this->maker)->post('/plan/look')->assertForbidden();
    }

    public function test_after_a_change_the_queue_thinks_on_once_and_a_worker_offers_what_it_finds(): void
    {
        $this->crowded();
        config(['queue.default' => 'database']);
        $this->get('/horizon')->assertOk();
        $this->assertSame(0, DB::table('jobs')->count(), 'reading changes nothing');
        $this->post(
            '/plan/changes', ['changes' => [['kind' => 'push', 'build' => 1, 'days' => 1]]],
        )->assertSessionHasNoErrors();
        $this->post(
            '/plan/changes', ['changes' => [['kind' => 'push', 'build' => 1, 'days' => 0]]],
        )->assertSessionHasNoErrors();
        $this->post(
            '/plan/changes', ['changes' => [['kind' => 'push', 'build' => 99, 'days' => 0]]],
        )->assertSessionHasErrors();
        $this->assertSame(2, DB::table('jobs')->count(), 'one look and one forecast for all of them');
        $before = $this->plan();
        DB::table('jobs')->update(['available_at' => 0]);
        // no limit of memory: this process has run many tests before, and a worker at its limit leaves the next job
        $this->artisan('queue:work', ['--stop-when-empty' => true, '--memory' => 0])->run();
        $this->assertSame(
            [0, 0, $before],
            [DB::table('jobs')->count(), DB::table('failed_jobs')->count(), $this->plan()],
        );
        $this->assertNotNull($this->get('/horizon')->inertiaProps('offer'), 'offered, not swapped in');
    }

    public function test_what_is_offered_says_what_it_gains_and_is_in_force_only_when_it_is_taken(): void
    {
        $this->crowded();
        $before = $this->plan();
        $offer = app(BetterPlan::class)->look();
        $this->assertNotNull($offer, 'a crowded shop can be planned better than at first sight');
        $this->assertSame($before, $this->plan());
        $shown = $this->get('/horizon')->inertiaProps('offer');
        $this->assertSame($offer->id, $shown['id']);
        $this->assertNotEmpty($shown['gains']);
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasNoErrors();
        $this->assertNotSame($before, $this->plan());
        $finish = DB::table('plan_entries as p')
            ->join('builds as b', 'b.id', '=', 'p.build_id')
            ->where('b.number', $shown['gains'][0]['number'])
            ->max('p.finish');
        $this->assertSame(
            $shown['gains'][0]['after'],
            (
                new \DateTimeImmutable((string) $finish, new \DateTimeZone('UTC'))
            )->setTimezone(new \DateTimeZone('Europe/Berlin'))->format('Y-m-d'),
            'it is what was offered',
        );
        $this->assertStringContainsString('A better plan taken', LogEntry::query()->latest('id')->firstOrFail()->text);
        $this->assertNull($this->get('/horizon')->inertiaProps('offer'));
        $kept = $this->plan();
        app(Planner::class)->replan('something small');
        $this->assertSame($kept, $this->plan(), 'the next plan keeps the order');
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasErrors('conflict');
    }

    public function test_it_can_be_left_and_an_older_offer_gives_way_to_a_newer(): void
    {
        $this->crowded();
        $before = $this->plan();
        $first = app(BetterPlan::class)->look();
        $second = app(BetterPlan::class)->look();
        $this->assertNotNull($first);
        $this->assertNotNull($second);
        $this->assertSame('overtaken', $first->refresh()->state);
        $this->post("/plan/offers/{$first->id}/take")->assertSessionHasErrors('conflict');
        $this->post("/plan/offers/{$second->id}/leave")->assertSessionHasNoErrors();
        $this->assertSame(['left', $before], [$second->refresh()->state, $this->plan()]);
    }

    public function test_an_offer_that_would_help_no_more_is_refused(): void
    {
        $this->crowded();
        $offer = app(BetterPlan::class)->look();
        $this->assertNotNull($offer);
        DB::table('builds')->where('number', '>', 1)->update(['status' => 'called-off']);
        $left = DB::table('operations')->where('build_id', 1)->orderByDesc('position')->limit(3)->pluck('id');
        DB::table('operations')->where('build_id', 1)->whereNotIn('id', $left)->update(['state' => 'done']);
        app()->bind(Standings::class);
        app(Planner::class)->replan('nearly everything called off or done');
        $before = $this->plan();
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('would help no more', session('errors')->first('conflict'));
        $this->assertSame(['overtaken', $before], [$offer->refresh()->state, $this->plan()]);
    }

    public function test_one_build_alone_is_planned_as_well_as_it_can_be(): void
    {
        $this->build();
        $this->post('/plan/look')->assertSessionHas('done');
        $offer = PlanOffer::query()->where('state', 'open')->first();
        $this->assertTrue($offer === null || $offer->gains !== [], 'nothing is offered for nothing');
    }

    /** Several builds for two people, the later ones promised sooner than the shop can. */
    private function crowded(): void
    {
        // A plan that was hardly looked for: then looking longer finds something.
        app()->bind(Standings::class, static fn (): Standings => new Standings(schedules: 2));
        DB::table('people')->update(
            [
                'skills' => json_encode(
                    ['design', 'necks', 'frets', 'bodies', 'joints', 'finish', 'electronics', 'set-up'],
                ),
            ],
        );
        foreach ([
            '2026-04-24', '2026-04-22', '2026-04-17', '2026-04-28', '2026-04-21', '2026-04-30',
        ] as $index => $promise) {
            $this->build($index % 2 === 0 ? [] : ['finish' => 'hard-wax-oil'], $promise);
        }
    }

    private function plan(): string
    {
        return PlanEntry::query()
            ->orderBy('operation_id')
            ->get(['operation_id', 'person_id', 'start', 'finish'])
            ->toJson();
    }
}
