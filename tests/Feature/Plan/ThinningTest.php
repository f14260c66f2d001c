<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Plan\Plan;
use App\Models\Plan\PlanOffer;
use App\Planning\Plan\Planner;
use App\Planning\Plan\Thinning;
use App\Queries\Plan\HistoryPage;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Old plans go, and what How it moved tells of them stays. */
final class ThinningTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build();
        $this->build();
    }

    /** Six plans a day apart, of which the third moves the first build by two days and the fifth moves it back. */
    private function plans(): void
    {
        $builds = DB::table('builds')->orderBy('id')->pluck('id')->all();
        foreach (range(1, 6) as $day) {
            $plan = (int) DB::table('plans')->insertGetId(['made_at' => "2026-02-0{$day} 09:00:00", 'cause' => "cause {$day}", 'cost' => 1, 'asked' => '']);
            DB::table('plan_requests')->insert(['at' => "2026-02-0{$day} 09:00:00", 'cause' => "cause {$day}", 'moves' => 1, 'plan_id' => $plan]);
            foreach ($builds as $at => $build) {
                $finish = $at === 0 && in_array($day, [3, 4], true) ? '2026-06-12 10:00:00' : '2026-06-10 10:00:00';
                DB::table('planned_finishes')->insert(['plan_id' => $plan, 'build_id' => $build, 'finish' => $finish]);
            }
        }
        app(Planner::class)->replan('today');
    }

    public function test_how_it_moved_tells_the_same_of_a_fraction_of_the_rows(): void
    {
        $this->plans();
        $before = app(HistoryPage::class)->data();
        $finishes = DB::table('planned_finishes')->count();
        $now = DB::table('planned_finishes')->where('plan_id', Plan::query()->max('id'))->get()->all();
        app(Thinning::class)();
        self::assertEquals($before, app(HistoryPage::class)->data());
        self::assertSame($finishes - 8, DB::table('planned_finishes')->count(), 'of twelve old ones the first of each build and two moves stay');
        self::assertEquals($now, DB::table('planned_finishes')->where('plan_id', Plan::query()->max('id'))->get()->all());
        self::assertSame(['cause 1', 'cause 3', 'cause 5'], DB::table('plans')->where('cause', 'like', 'cause%')->orderBy('id')->pluck('cause')->all());
        self::assertSame(0, DB::table('plan_requests')->where('at', '<', '2026-03-01')->count());
        app(Thinning::class)();
        self::assertEquals($before, app(HistoryPage::class)->data(), 'and again nothing more');
    }

    public function test_what_is_new_and_what_waits_for_a_decision_stays(): void
    {
        $plans = Plan::query()->count();
        $finishes = DB::table('planned_finishes')->count();
        foreach (['open' => '2025-03-01', 'overtaken' => '2025-03-01', 'left' => '2026-03-01'] as $state => $day) {
            PlanOffer::query()->create(['at' => "{$day} 09:00:00", 'state' => $state, 'gains' => [], 'moves' => [], 'schedules' => 1]);
        }
        app(Thinning::class)();
        self::assertSame([$plans, $finishes], [Plan::query()->count(), DB::table('planned_finishes')->count()]);
        self::assertSame(['open', 'left'], PlanOffer::query()->orderBy('id')->pluck('state')->all());
    }

    public function test_the_plan_in_force_stays_however_old_it_is(): void
    {
        DB::table('plans')->update(['made_at' => '2020-01-01 09:00:00']);
        $last = Plan::query()->max('id');
        app(Thinning::class)();
        self::assertTrue(Plan::query()->whereKey($last)->exists());
        self::assertSame(2, DB::table('planned_finishes')->where('plan_id', $last)->count());
    }
}
