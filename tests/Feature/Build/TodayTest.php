<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\KitLine;
use App\Models\Plan\PlanEntry;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

final class TodayTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_holds_that_end_today_and_the_fixtures_they_free(): void
    {
        $build = $this->build();
        DB::table('operations')->where('id', $this->operation($build, FretboardOperation::Glue->value)->id)->update(
            [
                'state' => 'holding', 'started_at' => '2026-03-17 13:00:00', 'labour_done_at' => '2026-03-17 14:00:00',
                'hold_until' => '2026-03-18 14:00:00',
            ],
        );
        DB::table('operations')->where('id', $this->operation($build, BodyOperation::Joint->value)->id)->update(
            [
                'state' => 'holding', 'started_at' => '2026-03-18 07:00:00', 'labour_done_at' => '2026-03-18 08:00:00',
                'hold_until' => '2026-03-19 08:00:00',
            ],
        );
        $page = $this->get('/today')->assertOk();
        $this->assertSame(
            [
                [
                    'build' => 1, 'operation' => 'glue the fretboard to the neck', 'fixture' => 'flat beam',
                    'until' => '2026-03-18T14:00:00Z',
                ],
            ],
            $page->inertiaProps('free'),
        );
        $this->assertSame(['flat beam', 'body clamps'], array_column($page->inertiaProps('bench.holds'), 'fixture'));
    }

    public function test_parts_that_are_expected_within_the_week_or_overdue_together_by_build_and_day(): void
    {
        $this->build();
        KitLine::query()->where('name', 'bridge')->update(['state' => 'ordered', 'expected_on' => '2026-03-20']);
        KitLine::query()->where('name', 'tuner')->update(['state' => 'ordered', 'expected_on' => '2026-03-20']);
        KitLine::query()->where('name', 'pickup')->update(['state' => 'ordered', 'expected_on' => '2026-03-16']);
        KitLine::query()->where('name', 'fret wire')->update(['state' => 'ordered', 'expected_on' => '2026-04-20']);
        KitLine::query()->where('name', 'two-way truss rod')->update(
            ['state' => 'arrived', 'expected_on' => '2026-03-18'],
        );
        $arrives = $this->get('/today')->inertiaProps('arrives');
        $this->assertSame([['pickup'], ['tuner', 'bridge']], array_column($arrives, 'names'));
        $this->assertSame([true, false], array_column($arrives, 'late'));

        $parts = $this->get('/parts')->assertOk();
        $this->assertSame(
            ['pickup', 'tuner', 'bridge', 'fret wire'], array_column($parts->inertiaProps('expected'), 'name'),
        );
        $this->assertSame([true, false, false, false], array_column($parts->inertiaProps('expected'), 'overdue'));
        $this->assertNotEmpty($parts->inertiaProps('prices'));
        $maker = $this->actingAs($this->maker)->get('/parts')->assertOk();
        $this->assertSame([], $maker->inertiaProps('prices'));
        $this->assertSame([null], array_unique(array_column($maker->inertiaProps('toOrder'), 'cost')));
    }

    public function test_decisions_and_promises_in_danger(): void
    {
        $build = $this->build([], '2026-03-25');
        $this->post(
            "/operations/{$this->operation($build, BodyOperation::Edges->value)->id}/wait",
            ['version' => 1, 'what' => 'how round the edges are', 'until' => '2026-03-23'],
        )->assertSessionHasNoErrors();
        $page = $this->get('/today');
        $this->assertSame('how round the edges are', $page->inertiaProps('decide.0.what'));
        $this->assertSame('late', $page->inertiaProps('promises.0.verdict'));
        $this->assertSame(0, $page->inertiaProps('kept'));
        $this->assertSame(
            ['how round the edges are, by Mon 23 Mar'], $this->get('/horizon')->inertiaProps('builds.0.waits'),
        );
    }

    public function test_a_running_clock_is_in_the_strip_of_every_page_and_counts_as_work(): void
    {
        $build = $this->build();
        $this->post(
            "/operations/{$this->operation($build, PreparationOperation::Agree->value)->id}/clock",
        )->assertSessionHasNoErrors();
        $this->at('2026-03-18 09:42');
        foreach ([
            '/today', '/horizon', '/builds', '/builds/1', '/parts', '/people', '/house', '/commissions/new',
        ] as $path) {
            $clock = $this->get($path)->inertiaProps('bench.clocks.0');
            $this->assertSame(
                ['Ines', true, 'agree the specification', '2026-03-18T08:12:00Z'],
                [$clock['person'], $clock['mine'], $clock['operation'], $clock['since']],
            );
        }
        $this->assertSame(30, $this->get('/builds/1')->inertiaProps('operations.0.workedMinutes'));
        $this->assertSame('started', $this->get('/today')->inertiaProps('people.0.items.0.state'));
    }

    public function test_a_maker_sees_their_own_day_first_and_is_told_the_next_thing(): void
    {
        $build = $this->build();
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->finished(
            $build, PreparationOperation::Agree->value, PreparationOperation::Draw->value,
            PreparationOperation::MakeTemplates->value, PreparationOperation::OrderParts->value,
            PreparationOperation::MeasureParts->value, PreparationOperation::SelectTimber->value,
        );
        app(\App\Planning\Plan\Planner::class)->replan('a test');
        $page = $this->actingAs($this->maker)->get('/today');
        $this->assertSame(['Tobias', 'Ines'], array_column($page->inertiaProps('people'), 'name'));
        $first = PlanEntry::query()
            ->where('person_id', $this->maker->id)
            ->orderBy('start')
            ->with('operation')
            ->firstOrFail();
        $this->assertSame(
            [$first->operation->name, $first->start?->toIso8601ZuluString()],
            [$page->inertiaProps('bench.next.operation'), $page->inertiaProps('bench.next.start')],
        );
        $this->assertGreaterThan(0, $page->inertiaProps('people.0.plannedMinutes'));
        $this->assertLessThanOrEqual(510, $page->inertiaProps('people.0.plannedMinutes'));
    }

    public function test_pieces_fill_with_ink_as_they_get_made(): void
    {
        $build = $this->build();
        $inked = fn (): array => $this->get('/builds')->inertiaProps('open.0.inked');
        $this->assertEquals(['neck' => 0, 'fretboard' => 0, 'body' => 0], $inked());
        $this->finished($build, NeckOperation::Square->value, NeckOperation::Channel->value);
        $this->assertGreaterThan(0, $inked()['neck']);
        $this->assertEquals(0, $inked()['body']);
        DB::table('operations')->where('stage', 'body')->update(['state' => 'done']);
        $this->assertEquals(1, $inked()['body']);
    }

    public function test_the_clock_may_be_fixed_and_moved_by_a_file(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'regimen-now');
        file_put_contents($file, "2026-03-18T09:12:00+01:00\n");
        $this->assertSame('2026-03-18T08:12:00Z', Clock::from("@{$file}")->now()->toIso8601ZuluString());
        $this->assertTrue(Clock::from("@{$file}")->isFixed());
        unlink($file);
        $this->assertFalse(Clock::from(null)->isFixed());
        $this->assertFalse(Clock::from('')->isFixed());
        // Half past eleven in the evening in Chicago is the next day in Berlin.
        $late = Clock::from('2026-03-18T23:30:00-05:00');
        $this->assertSame(
            ['2026-03-18', '2026-03-19'],
            [$late->today(new \DateTimeZone('America/Chicago')), $late->today(new \DateTimeZone('Europe/Berlin'))],
        );
    }

    public function test_days_of_a_clock_change_have_their_own_length(): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $length = static fn (string $day): int => Minutes::endOfDay($day, $zone) + 1 - Minutes::ofDay($day, $zone);
        $this->assertSame([1440, 1380, 1500], [$length('2026-03-28'), $length('2026-03-29'), $length('2026-10-25')]);
    }

    public function test_what_is_asked_for_by_a_script_fails_as_json(): void
    {
        $this->getJson('/builds/999')->assertNotFound()->assertJsonStructure(['message']);
        $this->actingAs($this->maker)->postJson('/commissions/forecast', ['specification' => []])->assertForbidden();
    }
}
