<?php

declare(strict_types=1);

namespace Tests\Feature\Forecast;

use App\Jobs\FindWhatRaises;
use App\Jobs\ForecastShop;
use App\Models\Build\Build;
use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Models\Forecast\GivenForecast;
use App\Models\Plan\HelpState;
use App\Planning\Forecast\Forecasting;
use App\Planning\Plan\Planner;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** Dates with their chances: worked out in the queue, kept with the plan, asked for by whoever looks. */
final class ChancesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_chances_are_asked_for_worked_out_and_shown(): void
    {
        Queue::fake();
        $build = $this->build();
        $this->get('/builds/1/chance')->assertInertia(fn ($page) => $page->component('forecast/Chance')->where('standing', 'none')->where('headline', 'Its chances are not worked out yet'));
        Queue::assertNothingPushed();
        $this->post('/plan/chances')->assertRedirect();
        $this->post('/plan/chances');
        Queue::assertPushed(ForecastShop::class, 1);
        $this->get('/builds/1/chance')->assertInertia(fn ($page) => $page->where('standing', 'trying'));
        app()->call([new ForecastShop, 'handle']);
        $own = BuildForecast::query()->where('build_id', $build->id)->sole();
        $this->assertSame(Forecasting::RUNS, $own->forecast->runs);
        $this->assertSame(Forecasting::RUNS, array_sum($own->days));
        $this->assertLessThanOrEqual($own->by80, $own->by50);
        $this->assertLessThanOrEqual($own->by95, $own->by80);
        $this->get('/builds/1/chance')->assertInertia(
            fn ($page) => $page->where('standing', 'done')->where('by50', $own->by50?->setTimezone('Europe/Berlin')->format('Y-m-d'))->where('chance', (int) round((int) $own->chance / 10))->etc(),
        );
        $this->get('/horizon')->assertInertia(fn ($page) => $page->where('builds.0.chance.percent', (int) round((int) $own->chance / 10))->etc());
        $this->get('/builds/1')->assertInertia(fn ($page) => $page->where('build.chance.percent', (int) round((int) $own->chance / 10))->etc());
        $this->get('/plan/chances')->assertInertia(fn ($page) => $page->component('forecast/Chances')->where('builds.0.number', 1)->where('standing', 'done')->etc());
    }

    public function test_the_same_shop_has_the_same_chances(): void
    {
        $build = $this->build();
        $days = function () use ($build): array {
            app(Forecasting::class)->run(\App\Models\Plan\Plan::query()->latest('id')->firstOrFail());

            return BuildForecast::query()->where('build_id', $build->id)->sole()->days;
        };
        $this->assertSame($days(), $days());
    }

    public function test_a_later_promise_is_surer_and_an_old_one_is_shown_while_the_new_plan_is_run(): void
    {
        Queue::fake();
        $build = $this->build([], '2026-05-04');
        app()->call([new ForecastShop, 'handle']);
        $before = (int) BuildForecast::query()->where('build_id', $build->id)->sole()->chance;
        $later = BuildForecast::query()->where('build_id', $build->id)->sole()->by95?->addDays(5)->format('Y-m-d');
        $this->post('/builds/1/promise', ['version' => $build->refresh()->version, 'promised_on' => $later, 'promise_kind' => 'promised', 'because' => 'more time'])->assertSessionHasNoErrors();
        $this->get('/builds/1/chance')->assertInertia(fn ($page) => $page->where('standing', 'none')->where('by50', fn (?string $day): bool => $day !== null)->etc());
        app()->call([new ForecastShop, 'handle']);
        $after = (int) BuildForecast::query()->where('build_id', $build->id)->sole()->chance;
        $this->assertGreaterThanOrEqual(950, $after);
        $this->assertGreaterThan($before, $after);
        $this->assertSame(1, Forecast::query()->count(), 'only the newest is kept');
    }

    public function test_what_was_forecast_is_kept_with_every_promise(): void
    {
        Queue::fake();
        $build = $this->build([], '2026-05-04');
        app()->call([new ForecastShop, 'handle']);
        $first = GivenForecast::query()->sole();
        $this->assertSame(['2026-05-04', GivenForecast::PROMISE, $build->estimated_minutes], [$first->promised_on, $first->source, $first->planned_minutes]);
        app(Planner::class)->replan('time has gone on');
        app()->call([new ForecastShop, 'handle']);
        $this->assertSame(1, GivenForecast::query()->count(), 'the same promise is given once');
        $this->post('/builds/1/promise', ['version' => $build->refresh()->version, 'promised_on' => '2026-06-30', 'promise_kind' => 'promised', 'because' => 'more time']);
        app()->call([new ForecastShop, 'handle']);
        $this->assertSame(['2026-05-04', '2026-06-30'], GivenForecast::query()->orderBy('id')->pluck('promised_on')->all());
        $this->assertGreaterThan((int) $first->chance, (int) GivenForecast::query()->latest('id')->value('chance'));
    }

    public function test_what_would_raise_the_chance_is_tried_by_running_the_shop(): void
    {
        Queue::fake();
        foreach (['2026-04-20', '2026-04-22', '2026-05-04'] as $promise) {
            $this->build([], $promise);
        }
        app()->call([new ForecastShop, 'handle']);
        $this->post('/plan/chances/raise');
        $this->post('/plan/chances/raise');
        Queue::assertPushed(FindWhatRaises::class, 1);
        $forecast = Forecast::query()->sole();
        $this->assertSame(HelpState::Trying, $forecast->helps_state);
        app()->call([new FindWhatRaises($forecast->id), 'handle']);
        $forecast->refresh();
        $this->assertSame(HelpState::Done, $forecast->helps_state);
        foreach ($forecast->helps as $help) {
            foreach ($help['chances'] as [$before, $after]) {
                $this->assertGreaterThan($before, $after);
            }
        }
        $lines = $this->get('/builds/3/chance')->inertiaProps('raises');
        $this->assertNotEmpty($lines);
        $this->assertContains('promise', array_column($lines, 'kind'));
        foreach ($lines as $line) {
            $this->assertGreaterThan($line['before'], $line['after']);
        }
    }

    public function test_it_is_given_up_when_there_is_a_newer_plan(): void
    {
        Queue::fake();
        $this->build([], '2026-04-20');
        app()->call([new ForecastShop, 'handle']);
        $this->post('/plan/chances/raise');
        $forecast = Forecast::query()->sole();
        $this->build();
        app()->call([new FindWhatRaises($forecast->id), 'handle']);
        $this->assertSame(HelpState::Trying, $forecast->refresh()->helps_state);
        (new FindWhatRaises($forecast->id))->failed();
        $this->assertSame(HelpState::Failed, $forecast->refresh()->helps_state);
    }

    public function test_what_failed_can_be_asked_for_again(): void
    {
        Queue::fake();
        $this->build();
        $this->post('/plan/chances');
        (new ForecastShop)->failed();
        $this->get('/plan/chances')->assertInertia(fn ($page) => $page->where('standing', 'failed')->etc());
        $this->post('/plan/chances');
        $this->get('/plan/chances')->assertInertia(fn ($page) => $page->where('standing', 'trying')->etc());
    }

    public function test_a_late_part_lowers_the_chance_and_is_what_it_hangs_on(): void
    {
        Queue::fake();
        $build = $this->build([], '2026-05-29');
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value, PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value, PreparationOperation::SelectTimber->value,
        );
        app(Planner::class)->replan('all is here');
        app()->call([new ForecastShop, 'handle']);
        $sure = (int) BuildForecast::query()->where('build_id', $build->id)->sole()->chance;
        DB::table('kit_lines')->where('group', 'bridge')->limit(1)->update(['state' => 'ordered', 'expected_on' => '2026-05-12', 'ordered_on' => '2026-03-18', 'lead_days' => 50, 'supplier' => 'the far yard']);
        app(Planner::class)->replan('a part is late');
        app()->call([new ForecastShop, 'handle']);
        $own = BuildForecast::query()->where('build_id', $build->id)->sole();
        $this->assertLessThan($sure, (int) $own->chance);
        $this->assertContains('part', array_column($own->hangs, 'kind'));
        $this->assertStringContainsString('bridge', implode(' ', array_column($this->get('/builds/1/chance')->inertiaProps('hangs'), 'words')));
    }

    public function test_an_empty_shop_has_nothing_to_forecast(): void
    {
        Queue::fake();
        $this->get('/plan/chances')->assertInertia(fn ($page) => $page->where('standing', 'done')->where('builds', [])->etc());
        $this->post('/plan/chances')->assertRedirect();
        $this->post('/plan/chances/raise')->assertRedirect();
        Queue::assertNothingPushed();
        app()->call([new ForecastShop, 'handle']);
        $this->assertSame(0, Forecast::query()->count());
        $this->get('/forecasts')->assertInertia(fn ($page) => $page->where('headline', 'Nothing that was forecast is over yet')->where('open', 0)->etc());
    }

    public function test_a_build_without_a_promise_has_dates_and_no_chance(): void
    {
        Queue::fake();
        $build = $this->build();
        DB::table('builds')->update(['promised_on' => null]);
        app()->call([new ForecastShop, 'handle']);
        $this->get('/builds/1/chance')->assertInertia(fn ($page) => $page->where('chance', null)->where('headline', 'Nothing is promised; these are its dates')->where('raises', [])->etc());
        $this->assertNull(BuildForecast::query()->where('build_id', $build->id)->sole()->chance);
        $this->assertNull(Forecast::query()->sole()->all_kept);
    }

    /** Operations that nobody can do any more: nobody knows, and it is said. */
    public function test_what_nobody_can_do_has_no_date(): void
    {
        Queue::fake();
        $this->build();
        DB::table('people')->update(['skills' => '[]']);
        app(\App\Planning\House\House::class)->forget();
        app(Planner::class)->replan('nobody can do it');
        app()->call([new ForecastShop, 'handle']);
        $this->get('/builds/1/chance')->assertInertia(fn ($page) => $page->where('headline', 'Nobody knows when it will be ready')->where('by50', null)->where('chance', null)->etc());
        $this->get('/plan/chances')->assertOk();
    }

    public function test_an_operation_that_is_estimated_at_nothing_and_one_of_many_hours_are_run_as_they_are(): void
    {
        Queue::fake();
        $build = $this->build();
        DB::table('operations')->where('build_id', $build->id)->orderBy('id')->limit(1)->update(['set_up_minutes' => 0, 'labour_minutes' => 0, 'best_minutes' => 0, 'worst_minutes' => 0]);
        DB::table('operations')->where('build_id', $build->id)->orderByDesc('id')->limit(1)->update(['labour_minutes' => 18_000, 'best_minutes' => 18_000, 'worst_minutes' => 18_000]);
        app(Planner::class)->replan('strange estimates');
        app()->call([new ForecastShop, 'handle']);
        $this->assertNotNull(BuildForecast::query()->where('build_id', $build->id)->sole()->by95);
    }

    public function test_only_managers_see_chances(): void
    {
        $this->build();
        $this->actingAs($this->maker);
        foreach (['/builds/1/chance', '/plan/chances', '/forecasts', '/builds/1/progress', '/plan/progress', '/year', '/hours', '/hours/2026/hours.csv', '/letter'] as $page) {
            $this->get($page)->assertForbidden();
        }
        foreach (['/plan/chances', '/plan/chances/raise', '/forecasts/replay', '/letter'] as $action) {
            $this->post($action)->assertForbidden();
        }
        $this->put('/builds/1/budget', ['version' => 1, 'budget' => '60 h'])->assertForbidden();
        $this->assertSame(1, Build::query()->count());
    }
}
