<?php

declare(strict_types=1);

namespace Tests\Feature\Forecast;

use App\Jobs\ReplayPast;
use App\Models\Bench\Interruption;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\Forecast\GivenForecast;
use App\Models\People\TimeEntry;
use App\Models\Plan\Plan;
use App\Planning\Forecast\Backtest;
use App\Planning\Forecast\Forecasting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** What the past says: replayed forecasts, the year, hours by person, the week's letter, progress in time. */
final class LookingBackTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** A build that was ordered in January and is over since March, each operation with the hours that were estimated. */
    private function over(float $takes = 1.0, string $promise = '2026-03-10'): Build
    {
        $build = $this->build([], $promise);
        $build->update(['ordered_at' => '2026-01-12 08:00:00', 'finished_at' => '2026-03-06 15:00:00', 'status' => BuildStatus::Finished]);
        $day = new \DateTimeImmutable('2026-01-13');
        foreach (Operation::query()->where('build_id', $build->id)->orderBy('position')->get() as $operation) {
            $day = $day->modify('+'.($day->format('N') === '5' ? 3 : 1).' days');
            $day = min($day, new \DateTimeImmutable('2026-03-06'));
            $operation->update(['state' => 'done', 'person_id' => $this->maker->id, 'started_at' => $day->format('Y-m-d').' 08:00:00', 'labour_done_at' => $day->format('Y-m-d').' 14:00:00', 'hold_until' => $day->format('Y-m-d').' 14:00:00']);
            TimeEntry::query()->create([
                'operation_id' => $operation->id, 'person_id' => $this->maker->id, 'worked_on' => $day->format('Y-m-d'), 'minutes' => max(1, (int) round($takes * $operation->workMinutes())), 'rate_minor' => 3_000, 'source' => 'clock',
            ]);
        }

        return $build->refresh();
    }

    public function test_the_past_is_replayed_as_it_was_known(): void
    {
        Queue::fake();
        $build = $this->over();
        $this->get('/forecasts')->assertInertia(fn ($page) => $page->where('open', 1)->where('replaying', false)->etc());
        $this->post('/forecasts/replay')->assertRedirect();
        Queue::assertPushed(ReplayPast::class, 1);
        $this->get('/forecasts')->assertInertia(fn ($page) => $page->where('replaying', true)->etc());
        app()->call([new ReplayPast, 'handle']);
        $given = GivenForecast::query()->sole();
        $this->assertSame([$build->id, GivenForecast::BACKTEST, '2026-03-10'], [$given->build_id, $given->source, $given->promised_on]);
        $this->assertSame('2026-01-12', $given->given_at->format('Y-m-d'));
        $this->assertGreaterThan($given->given_at, $given->by10);
        $this->assertLessThanOrEqual($given->by90, $given->by10);
        $this->assertNotNull($given->plan_finish);
        $this->get('/forecasts')->assertInertia(
            fn ($page) => $page->where('open', 0)->where('replaying', false)->where('past.0.number', $build->number)->where('past.0.replayed', true)->where('past.0.finished', '2026-03-06')->has('figures', 6)->has('between', 4)->etc(),
        );
        $this->assertSame(0, app(Backtest::class)->run(), 'nothing is replayed twice');
        $this->assertSame('2026-03-06 15:00:00', (string) $build->refresh()->finished_at, 'replaying changes nothing');
    }

    public function test_what_was_known_later_is_not_known_then(): void
    {
        $this->over(2.0);
        app(Backtest::class)->run();
        $first = GivenForecast::query()->sole();
        // A build that was ordered after the first was over learns from it: everything took twice as long.
        $second = $this->over();
        $second->update(['ordered_at' => '2026-03-09 08:00:00', 'finished_at' => '2026-03-17 15:00:00']);
        app(Backtest::class)->run();
        $this->assertSame(2, GivenForecast::query()->count());
        $days = static fn (GivenForecast $one): float => (float) $one->given_at->diffInDays($one->by50);
        $this->assertGreaterThan($days($first) * 1.05, $days(GivenForecast::query()->where('build_id', $second->id)->sole()));
    }

    public function test_estimates_and_hours_stand_beside_each_other_with_what_to_change(): void
    {
        foreach (range(1, 6) as $one) {
            $this->over(1.4);
        }
        $page = $this->get('/forecasts');
        $stages = collect($page->inertiaProps('bias'))->firstWhere('by', 'stage')['lines'];
        $this->assertGreaterThan(5, count($stages));
        foreach ($stages as $line) {
            $this->assertEqualsWithDelta(1.38, (float) $line['ratio'], 0.06, $line['name']);
            $this->assertTrue($line['isOff'] || $line['n'] < 5, $line['name']);
        }
        $this->assertStringContainsString('× what is estimated', $page->inertiaProps('change.0'));
        $this->assertSame(['Tobias'], array_column(collect($page->inertiaProps('bias'))->firstWhere('by', 'maker')['lines'], 'name'));
    }

    public function test_a_job_that_is_far_out_is_kept_out_and_told(): void
    {
        foreach (range(1, 6) as $one) {
            $last = $this->over();
        }
        $operation = Operation::query()->where('build_id', $last->id)->where('labour_minutes', '>', 60)->orderBy('position')->firstOrFail();
        TimeEntry::query()->where('operation_id', $operation->id)->update(['minutes' => 9 * $operation->workMinutes()]);
        $out = $this->get('/forecasts')->inertiaProps('outliers');
        $this->assertSame([$operation->name], array_column($out, 'operation'));
        $this->assertStringContainsString('9.0 × what was estimated', $out[0]['because']);
        $standards = collect($this->get('/house/standards')->inertiaProps('standards'))->firstWhere('key', $operation->standard);
        $learned = collect($standards['ways'])->pluck('learned')->filter()->first();
        $this->assertCount(1, $learned['keptOut']);
        $this->assertSame([5, 5], [$learned['jobs'], count($learned['ratios'])]);
    }

    public function test_the_year_says_where_the_hours_went(): void
    {
        $build = $this->over();
        DB::table('days_off')->insert(['person_id' => $this->maker->id, 'date' => '2026-02-03', 'note' => 'a class', 'from_minute' => 540, 'to_minute' => 720, 'kind' => 'teaching']);
        Interruption::query()->create(['person_id' => $this->maker->id, 'day' => '2026-02-04', 'minutes' => 45, 'reason' => 'telephone', 'note' => '']);
        $first = Operation::query()->where('build_id', $build->id)->orderBy('position')->firstOrFail();
        TimeEntry::query()->create(['operation_id' => $first->id, 'person_id' => $this->manager->id, 'worked_on' => '2025-11-04', 'minutes' => 60, 'rate_minor' => 3_000, 'source' => 'entered']);
        $page = $this->get('/year/2026');
        $hours = array_column($page->inertiaProps('hours'), 'size', 'name');
        $worked = (int) TimeEntry::query()->where('worked_on', '>=', '2026-01-01')->sum('minutes');
        $this->assertEqualsWithDelta($worked / 60, $hours['building'] + $hours['set-up'], 0.02);
        $this->assertEqualsWithDelta([3.0, 0.75], [$hours['teaching'], $hours['interrupted']], 1e-9);
        $counts = array_column($page->inertiaProps('counts'), 'value', 'name');
        $this->assertSame(['1', '1 of 1', '0'], [$counts['instruments finished'], $counts['promises kept'], $counts['days late, together']]);
        $this->assertSame([2026, 2025], $page->inertiaProps('years'));
        $this->get('/year')->assertInertia(fn ($page) => $page->where('year', 2026)->etc());
        $this->get('/year/2025')->assertInertia(fn ($page) => $page->where('headline', '0 instruments finished in 1 h')->etc());
        $this->get('/year/1999')->assertInertia(fn ($page) => $page->where('headline', 'Nothing is recorded of 1999')->etc());
        $this->get('/year/abc')->assertNotFound();
    }

    public function test_a_broken_promise_counts_with_its_days(): void
    {
        $this->over(1.0, '2026-03-01');
        $counts = array_column($this->get('/year/2026')->inertiaProps('counts'), 'value', 'name');
        $this->assertSame(['0 of 1', '5', '5 days after'], [$counts['promises kept'], $counts['days late, together'], $counts['handed over']]);
    }

    public function test_hours_by_person_and_month_sum_up_on_the_page_and_in_the_table(): void
    {
        $this->over();
        $worked = (int) TimeEntry::query()->sum('minutes');
        $this->get('/hours/2026')->assertInertia(fn ($page) => $page->has('people', 1)->where('people.0.name', 'Tobias')->where('total', number_format($worked / 60).' h')->has('months', 12)->etc());
        $csv = $this->get('/hours/2026/hours.csv')->assertOk();
        $this->assertStringContainsString('text/csv', (string) $csv->headers->get('Content-Type'));
        $lines = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim((string) $csv->getContent())));
        $this->assertSame(['person', 'month', 'kind', 'minutes', 'hours'], $lines[0]);
        $this->assertSame($worked, array_sum(array_map(static fn (array $row): int => (int) $row[3], array_slice($lines, 1))));
        $this->assertSame(['Tobias'], array_values(array_unique(array_column(array_slice($lines, 1), 0))));
        $this->get('/hours/2020')->assertInertia(fn ($page) => $page->where('people', [])->etc());
    }

    public function test_the_weeks_letter_is_read_and_mailed(): void
    {
        Mail::fake();
        $build = $this->build([], '2026-03-20');
        $parts = array_column($this->get('/letter')->inertiaProps('parts'), 'lines', 'heading');
        $this->assertSame(['What was done', 'What moved', 'What is at risk', 'Three things to do'], array_keys($parts));
        $this->assertSame(['The chances are not worked out yet.'], $parts['What is at risk']);
        app()->call([new \App\Jobs\ForecastShop, 'handle']);
        $parts = array_column($this->get('/letter')->inertiaProps('parts'), 'lines', 'heading');
        $this->assertStringStartsWith("{$build->number} {$build->title}, promised for Fri 20 Mar: holds in 0 of 100 runs", $parts['What is at risk'][0]);
        $this->assertLessThanOrEqual(3, count($parts['Three things to do']));
        $this->post('/letter')->assertSessionHas('done', 'Mailed to ines@example.org.');
        $this->assertDatabaseHas('log_entries', ['kind' => 'letter', 'person_id' => $this->manager->id]);
    }

    public function test_a_finish_that_slipped_stands_in_the_letter_with_its_reason(): void
    {
        $build = $this->build([], '2026-07-31');
        DB::table('plans')->update(['made_at' => '2026-03-01 08:00:00']);
        DB::table('people')->where('id', $this->maker->id)->update(['active' => false]);
        DB::table('operations')->where('build_id', $build->id)->update(['labour_minutes' => DB::raw('labour_minutes * 2'), 'worst_minutes' => DB::raw('worst_minutes * 2')]);
        app(\App\Planning\House\House::class)->forget();
        app(\App\Planning\Plan\Planner::class)->replan('twice the work');
        $moved = array_column($this->get('/letter')->inertiaProps('parts'), 'lines', 'heading')['What moved'];
        $this->assertMatchesRegularExpression("/^{$build->number} {$build->title} slipped by \\d+ days to .*: twice the work\\.$/", $moved[0]);
    }

    public function test_progress_in_time_is_planned_earned_and_worked(): void
    {
        $build = $this->build();
        $first = Operation::query()->where('build_id', $build->id)->orderBy('position')->firstOrFail();
        $first->update(['state' => 'done', 'labour_done_at' => '2026-03-17 12:00:00', 'started_at' => '2026-03-17 08:00:00']);
        TimeEntry::query()->create(['operation_id' => $first->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-17', 'minutes' => 2 * $first->workMinutes(), 'rate_minor' => 3_000, 'source' => 'clock']);
        $this->at('2026-03-27 09:00');
        $page = $this->get('/builds/1/progress')->assertOk();
        $weeks = $page->inertiaProps('weeks');
        $now = collect($weeks)->last(static fn (array $one): bool => $one['earned'] !== null);
        $this->assertEqualsWithDelta([$first->workMinutes() / 60, 2 * $first->workMinutes() / 60], [$now['earned'], $now['worked']], 0.01);
        $planned = array_column($weeks, 'planned');
        $this->assertSame($planned, collect($planned)->sort()->values()->all(), 'what is planned never falls');
        $this->assertEqualsWithDelta($build->estimated_minutes / 60, max($planned), 0.02);
        $figures = array_column($page->inertiaProps('figures'), 'value', 'key');
        $this->assertStringContainsString('CPI) 0.50', array_column($page->inertiaProps('figures'), 'because', 'key')['worked']);
        $this->assertNotSame('–', $figures['spi']);
        $this->get('/plan/progress')->assertInertia(fn ($page) => $page->where('number', null)->has('stages')->etc());
    }

    public function test_hours_that_are_set_are_watched_stage_by_stage(): void
    {
        $build = $this->build();
        $this->put('/builds/1/budget', ['version' => $build->refresh()->version, 'budget' => 'sixty'])->assertSessionHasErrors('budget');
        $this->put('/builds/1/budget', ['version' => $build->version - 1, 'budget' => '60 h'])->assertSessionHasErrors();
        $this->put('/builds/1/budget', ['version' => $build->version, 'budget' => '60 h'])->assertSessionHasNoErrors();
        $this->assertSame(3_600, $build->refresh()->budget_minutes);
        $this->assertDatabaseHas('log_entries', ['build_id' => $build->id, 'kind' => 'budget', 'text' => '60 h are set for it.']);
        $page = $this->get('/builds/1/progress');
        $this->assertStringContainsString('Of 60 h it stays within them in', $page->inertiaProps('budgetWords'));
        $shares = 0;
        foreach ($page->inertiaProps('stages') as $stage) {
            $this->assertNotNull($stage['percent']);
            $shares++;
        }
        $this->assertGreaterThan(5, $shares);
        // Of a tenth of what it takes every stage breaks its share.
        $this->put('/builds/1/budget', ['version' => $build->version, 'budget' => '7 h'])->assertSessionHasNoErrors();
        $this->assertStringContainsString('will break its share of the hours first', $this->get('/builds/1/progress')->inertiaProps('todo'));
        $this->put('/builds/1/budget', ['version' => $build->refresh()->version, 'budget' => ''])->assertSessionHasNoErrors();
        $this->assertNull($build->refresh()->budget_minutes);
    }

    public function test_money_that_is_set_is_watched_and_told_under_today(): void
    {
        $build = $this->build();
        $plan = Plan::query()->latest('id')->firstOrFail();
        app(Forecasting::class)->run($plan);
        $this->get('/today')->assertInertia(fn ($page) => $page->where('budgets', [])->etc());
        foreach (['-5', 'much', '1e9'] as $wrong) {
            $this->put('/builds/1/budget', ['version' => $build->refresh()->version, 'money' => $wrong])->assertSessionHasErrors('money');
        }
        $this->put('/builds/1/budget', ['version' => $build->version, 'money' => '400', 'budget' => '']);
        $this->assertSame([40_000, null], [$build->refresh()->budget_minor, $build->budget_minutes]);
        $this->assertDatabaseHas('log_entries', ['build_id' => $build->id, 'kind' => 'budget', 'text' => '400.00 EUR are set for it.']);
        $page = $this->get('/builds/1/progress');
        $this->assertStringContainsString('will break its share of the money first', $page->inertiaProps('todo'));
        // By two ways: what each stage may cost adds up to what is set, what each comes to is what the build comes to.
        $minor = static fn (string $words): int => (int) str_replace([',', '.', ' EUR'], '', $words);
        $costs = $page->inertiaProps('costs');
        $this->assertEqualsWithDelta(40_000, array_sum(array_map($minor, array_column($costs, 'share'))), count($costs));
        $figures = array_column($page->inertiaProps('money'), 'value', 'key');
        $this->assertEqualsWithDelta($minor($figures['total']), array_sum(array_map($minor, array_column($costs, 'forecast'))), count($costs));
        $this->assertSame('400.00', $figures['may']);
        $told = $this->get('/today')->inertiaProps('budgets');
        $this->assertSame([1], array_column($told, 'build'));
        $this->assertStringStartsWith('400.00 EUR will not do, but in 0 of 100; ', $told[0]['words']);
        $this->assertStringContainsString('400.00 EUR will not do', (string) json_encode($this->get('/letter')->inertiaProps('parts')));
        // The next forecast knows it as well, and makers are told nothing of money.
        app(Forecasting::class)->run($plan);
        $this->assertSame($told, $this->get('/today')->inertiaProps('budgets'));
        $this->actingAs($this->maker)->get('/today')->assertInertia(fn ($page) => $page->where('budgets', [])->etc());
        $this->actingAs($this->manager)->put('/builds/1/budget', ['version' => $build->version, 'money' => '90000', 'budget' => ''])->assertSessionHasNoErrors();
        $this->get('/today')->assertInertia(fn ($page) => $page->where('budgets', [])->etc());
    }
}
