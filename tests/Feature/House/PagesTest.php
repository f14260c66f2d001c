<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Pages\Shop\SharedProps;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

final class PagesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
    }

    #[TestWith(['/today', 22])]
    #[TestWith(['/horizon', 27])]
    #[TestWith(['/plan/week', 19])]
    #[TestWith(['/plan/history', 13])]
    #[TestWith(['/plan/calendar', 21])]
    #[TestWith(['/plan/try', 17])]
    #[TestWith(['/plan/feeds', 14])]
    #[TestWith(['/plan/load', 32])]
    #[TestWith(['/plan/help', 18])]
    #[TestWith(['/builds', 17])]
    #[TestWith(['/builds/1', 37])]
    #[TestWith(['/builds/1/specification', 18])]
    #[TestWith(['/builds/1/route', 31])]
    #[TestWith(['/house/standards', 16])]
    #[TestWith(['/climate', 12])]
    #[TestWith(['/house/models', 10])]
    #[TestWith(['/house/audit', 10])]
    #[TestWith(['/account', 13])]
    #[TestWith(['/house/health', 20])]
    #[TestWith(['/outlines', 9])]
    #[TestWith(['/parts', 17])]
    #[TestWith(['/people', 14])]
    #[TestWith(['/house', 13])]
    #[TestWith(['/builds/1/set-up', 16])]
    #[TestWith(['/house/held', 10])]
    #[TestWith(['/setbacks', 14])]
    #[TestWith(['/pieces', 14])]
    #[TestWith(['/stores', 25])]
    #[TestWith(['/stores/parts', 14])]
    #[TestWith(['/stores/suppliers', 13])]
    #[TestWith(['/stores/away', 14])]
    #[TestWith(['/stores/values', 17])]
    #[TestWith(['/stores/labels', 13])]
    #[TestWith(['/scan', 9])]
    #[TestWith(['/chores', 11])]
    #[TestWith(['/templates', 14])]
    #[TestWith(['/builds/1/templates', 14])]
    #[TestWith(['/timber', 20])]
    #[TestWith(['/timber/yard', 18])]
    #[TestWith(['/timber/cutting?boards[]=1', 18])]
    #[TestWith(['/timber/papers', 14])]
    #[TestWith(['/logbook', 16])]
    #[TestWith(['/builds/1/facts', 19])]
    #[TestWith(['/builds/1/chance', 23])]
    #[TestWith(['/builds/1/progress', 18])]
    #[TestWith(['/plan/chances', 16])]
    #[TestWith(['/plan/progress', 16])]
    #[TestWith(['/forecasts', 25])]
    #[TestWith(['/year', 20])]
    #[TestWith(['/hours', 14])]
    #[TestWith(['/letter', 20])]
    #[TestWith(['/clients', 15])]
    #[TestWith(['/clients/1', 15])]
    #[TestWith(['/enquiries', 30])]
    #[TestWith(['/builds/1/client', 25])]
    #[TestWith(['/money', 22])]
    #[TestWith(['/money/earned', 20])]
    #[TestWith(['/money/rate', 16])]
    #[TestWith(['/money/bank', 10])]
    #[TestWith(['/money/settings', 11])]
    #[TestWith(['/builds/1/money', 44])]
    #[TestWith(['/commissions/new', 13])]
    public function test_each_page_takes_a_small_fixed_number_of_statements(string $page, int $most): void
    {
        Queue::fake();
        $this->build();
        $few = $this->statements($page);
        for ($i = 0; $i < 3; $i++) {
            $this->build();
        }
        $many = $this->statements($page);
        $this->assertSame($few, $many, 'more builds, no more statements');
        $this->assertLessThanOrEqual($most, $many);
    }

    public function test_today_tells_everybody_what_to_do_and_why_then(): void
    {
        $build = $this->build();
        $this->actingAs($this->manager)->get('/today')->assertInertia(fn (AssertableInertia $page) => $page
            ->component('today/Today')
            ->where('headline', 'Every promise can be kept')
            ->where('isToday', true)
            ->where('people.0.name', 'Ines')
            ->where('people.0.items.0.name', 'agree the specification')
            ->where('people.0.items.0.from', '2026-03-18T08:15:00Z')
            ->where('people.0.items.1.because', 'Follows agree the specification, which ends Wed 18 Mar 12:45.')
            ->where('bench.next.build', $build->number));
    }

    public function test_today_on_a_sunday_shows_monday(): void
    {
        $this->build();
        $this->at('2026-03-22 10:00');
        $this->actingAs($this->manager)
            ->get('/today')
            ->assertInertia(fn (AssertableInertia $page) => $page->where('day', '2026-03-23')->where('isToday', false));
    }

    public function test_a_plan_that_time_has_overtaken_is_made_again_before_it_is_shown(): void
    {
        $build = $this->build();
        $start = fn (): string => $this->actingAs($this->manager)->get('/builds/1')->inertiaProps('operations.0.start');
        $this->assertSame('2026-03-18T08:15:00Z', $start());
        $plans = DB::table('plans')->count();
        $this->at('2026-03-18 09:20');
        $this->assertSame('2026-03-18T08:15:00Z', $start(), 'a plan that was just made is left alone');
        $this->at('2026-03-23 07:30');
        $this->assertSame('2026-03-23T07:00:00Z', $start(), 'on Monday it begins on Monday');
        $this->assertSame($plans + 1, DB::table('plans')->count());
        $start();
        $this->assertSame($plans + 1, DB::table('plans')->count(), 'looking again plans nothing');
        $this->finished($build, ...$build->operations()->pluck('key')->all());
        $this->at('2026-05-01 10:00');
        $this->get('/today')->assertOk();
    }

    public function test_the_horizon_says_which_promises_break(): void
    {
        $this->build([], '2026-03-20');
        $this->actingAs($this->manager)->get('/horizon')->assertInertia(fn (AssertableInertia $page) => $page
            ->component('plan/Horizon')
            ->where('headline', 'One promise will break')
            ->where('builds.0.verdict', 'late')
            ->where('builds.0.promiseAt', '2026-03-20T22:59:00Z')
            ->has('builds.0.strip.5'));
    }

    public function test_the_horizon_shades_the_days_on_which_this_shop_does_not_work_in_its_own_zone(): void
    {
        $this->build();
        DB::table('closed_days')->insert(['date' => '2026-03-20', 'note' => 'fair']);
        DB::table('shops')->update(['hours' => json_encode(array_fill(1, 6, [[480, 720]]))]);
        $page = $this->actingAs($this->manager)->get('/horizon');
        $free = $page->inertiaProps('free');
        // Monday to Saturday: Sunday 15 March, the fair, Sunday 22 March, and the Sunday of the clock change, an hour
        // short.
        $this->assertSame([
            ['2026-03-14T23:00:00Z', '2026-03-15T23:00:00Z'], ['2026-03-19T23:00:00Z', '2026-03-20T23:00:00Z'],
            ['2026-03-21T23:00:00Z', '2026-03-22T23:00:00Z'], ['2026-03-28T23:00:00Z', '2026-03-29T22:00:00Z'],
        ], array_slice($free, 0, 4));
        $this->assertSame(
            ['2026-03-08T23:00:00Z', '2026-03-15T23:00:00Z'], array_slice($page->inertiaProps('weeks'), 0, 2),
        );
    }

    public function test_the_build_sheet_shows_everything_with_its_reasons(): void
    {
        $this->build();
        $sheet = $this->actingAs($this->manager)->get('/builds/1')->assertOk();
        $slots = collect($sheet->inertiaProps('operations'))->firstWhere('name', 'glue the fretboard to the neck');
        $this->assertSame('flat beam', $slots['fixture']);
        $this->assertContains(
            'A spoiled slot then costs a board, not a neck.', array_column($slots['after'], 'reason'),
        );
        $this->assertSame(
            '44.45 mm',
            collect(
                $sheet->inertiaProps('specification.groups.2.lines'),
            )->firstWhere('name', 'Layers together')['value'],
        );
        $this->assertStringContainsString('The finish depends on', $sheet->inertiaProps('holdsFinish'));
        $this->assertStringContainsString(
            'licensed practice',
            collect($sheet->inertiaProps('operations'))->firstWhere('name', 'truss-rod channel')['caution'],
        );
    }

    public function test_progress_and_cost_move_with_the_work(): void
    {
        $build = $this->build();
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $figure = fn (string $key): string => collect(
            $this->get('/builds/1')->inertiaProps('progress.figures'),
        )->firstWhere('key', $key)['value'];
        $this->actingAs($this->manager);
        $this->assertSame('not yet', $figure('cpi'));
        $this->post(
            "/operations/{$agree->id}/hours", ['hours' => '1.5', 'worked_on' => '2026-03-18'],
        )->assertSessionHasNoErrors();
        $this->assertSame('72.00', $figure('cost'), 'an hour and a half at the shop’s rate of 48');
        $this->post("/operations/{$agree->id}/finish", ['version' => 2])->assertSessionHasNoErrors();
        $this->assertSame('2.00', $figure('cpi'), 'three planned hours earned in one and a half');
    }

    public function test_a_promise_is_moved_with_a_reason(): void
    {
        $build = $this->build();
        $this->actingAs($this->maker)
            ->post('/builds/1/promise', ['version' => 1, 'promised_on' => '2026-09-01', 'because' => 'x'])
            ->assertForbidden();
        $this->actingAs($this->manager)
            ->post('/builds/1/promise', ['version' => 1, 'promised_on' => '2026-03-01', 'because' => ''])
            ->assertSessionHasErrors(['promised_on', 'because']);
        $this->post(
            '/builds/1/promise',
            ['version' => 1, 'promised_on' => '2026-09-01', 'because' => 'the client is abroad'],
        )->assertSessionHasNoErrors();
        $this->post(
            '/builds/1/promise',
            ['version' => 1, 'promised_on' => '2026-10-01', 'because' => 'too late'],
        )->assertSessionHasErrors('conflict');
        $this->assertSame('2026-09-01', $build->refresh()->promised_on);
    }

    private function statements(string $page): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($this->manager)->get($page)->assertOk();

        return count(DB::getQueryLog());
    }

    public function test_every_page_gets_what_the_front_end_is_told_that_it_gets(): void
    {
        $this->build();
        $shared = array_keys(get_class_vars(SharedProps::class));
        foreach (['/today', '/builds/1', '/plan/load'] as $page) {
            $props = $this->actingAs($this->manager)->get($page)->inertiaProps();
            $this->assertSame([], array_diff($shared, array_keys($props)), $page);
        }
    }

    public function test_types_and_addresses_of_the_front_end_are_those_of_the_application(): void
    {
        $this->artisan('regimen:types --check')->assertExitCode(0);
        $types = (string) file_get_contents(resource_path('js/lib/props.ts'));
        foreach ([
            "export type Verdict = 'late' | 'risk'", '    days: Record<string, WeekDay>;', '    chain?: ReasonChain;',
            '    client: Record<string, string | Record<string, string>[]>;', '    hours: [number, number][];',
            'export interface HorizonBuild extends BuildLine {', '    fill?: string;', '    days: number | null;',
        ] as $expected) {
            $this->assertStringContainsString($expected, $types);
        }
        $public = (string) file_get_contents(resource_path('js/lib/addresses/public.ts'));
        preg_match_all('/^        "([\w.-]+)": \{$/m', $public, $names);
        $this->assertSame(['shop.new', 'sign-in', 'sign-in.second', 'password.link', 'bench.names', 'bench.names.presses', 'feed'], $names[1], 'who is not signed in gets no other address');
    }
}
