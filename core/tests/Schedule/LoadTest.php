<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Load;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Problem;

/** Load by week: what there is, what is planned, what the promises need. */
final class LoadTest extends TestCase
{
    use Shops;

    public function test_a_person_with_more_to_do_than_time_before_the_promise_is_overbooked_then(): void
    {
        // 50 hours and 50 minutes of work promised for the end of the first week, of which 42.5 hours are there.
        $activities = array_map(
            static fn (int $one): Activity => new Activity("a{$one}", 'one', 610, skill: 'any'),
            range(1, 5),
        );
        $problem = new Problem(
            $this->at('2026-03-16 00:00'), $activities, [$this->worker(1)], [],
            ['one' => new Due($this->at('2026-03-20 17:00'))],
        );
        $load = Load::ofWorker($problem->workers[0], $problem, Builder::plan($problem), $this->weeks());
        self::assertSame([2_550, 2_550], $load->there, 'five days of eight and a half hours');
        self::assertSame([2_550, 500], $load->planned, 'the plan uses all of the first week and goes on in the second');
        self::assertSame([3_050, 0], $load->needed);
        self::assertSame([[0, 0]], $load->overbooked());
    }

    public function test_whoever_helps_is_busy_for_as_long_as_they_help(): void
    {
        $problem = new Problem($this->at('2026-03-16 08:00'), [
            new Activity('close', 'one', 60, 600, 'any', hands: 20),
        ], [$this->worker(1), $this->worker(2, ['other'])], []);
        self::assertSame(
            [20, 0], Load::ofWorker($problem->workers[1], $problem, Builder::plan($problem), $this->weeks())->planned,
        );
    }

    public function test_of_this_week_only_what_is_left_counts(): void
    {
        $problem = new Problem($this->at('2026-03-20 12:30'), [], [$this->worker(1)], []);
        self::assertSame(
            [270, 2_550],
            Load::ofWorker($problem->workers[0], $problem, Builder::plan($problem), $this->weeks())->there,
        );
    }

    public function test_a_fixture_is_used_through_its_hold_by_the_clock_and_a_station_in_the_hours_of_the_shop(): void
    {
        $activities = [
            new Activity('glue', 'one', 60, 1_440, 'any', demands: [new Demand('clamps', 2, true)]),
            new Activity('saw', 'two', 600, skill: 'any', demands: [new Demand('saw')]),
        ];
        $outage = new Outage('saw', $this->at('2026-03-26 08:00'), $this->at('2026-03-27 08:00'), 'sharpened');
        $problem = new Problem(
            $this->at('2026-03-16 00:00'), $activities, [$this->worker(1), $this->worker(2)],
            ['clamps' => 3, 'saw' => 1], [], [$outage],
        );
        $plan = Builder::plan($problem);
        $clamps = Load::ofResource('clamps', $problem, $plan, $this->weeks());
        self::assertSame([3 * 10_080, 2 * 1_500], [$clamps->there[0], $clamps->planned[0]]);
        $saw = Load::ofResource('saw', $problem, $plan, $this->weeks(), $this->calendar());
        self::assertSame(
            [2_550, 600, 2_550 - 510], [$saw->there[0], $saw->planned[0], $saw->there[1]],
            'a day less while it is away',
        );
        self::assertSame([], $saw->overbooked());
    }

    /**
     * By hand: an hour of work is 3.953 by the clock, so that the latest start is a day and 238 minutes before Friday
     * at five.
     */
    public function test_what_a_promise_needs_of_a_fixture_is_counted_from_the_latest_start(): void
    {
        $glue = new Activity('glue', 'one', 60, 1_440, 'any', demands: [new Demand('clamps', 2, true)]);
        $problem = new Problem(
            $this->at('2026-03-16 08:00'), [$glue], [$this->worker(1)], ['clamps' => 3],
            ['one' => new Due($this->at('2026-03-22 12:00'))],
        );
        $clamps = Load::ofResource('clamps', $problem, Builder::plan($problem), $this->weeks());
        // From Saturday 8:02 for 1,500 minutes: all of it before Monday.
        self::assertSame([[2 * 1_500, 0], [2 * 1_500, 0]], [$clamps->planned, $clamps->needed]);
        $later = $problem->with(['dues' => ['one' => new Due($this->at('2026-03-23 06:00'))]]);
        // From Sunday 2:02: 1,318 minutes until Monday and 182 after it.
        self::assertSame(
            [2 * 1_318, 2 * 182],
            Load::ofResource('clamps', $later, Builder::plan($later), $this->weeks())->needed,
        );
    }

    /** @return list<int> two weeks */
    private function weeks(): array
    {
        return [$this->at('2026-03-16 00:00'), $this->at('2026-03-23 00:00'), $this->at('2026-03-30 00:00')];
    }
}
