<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;

/** Monday 2 March 2026, 8:00, unless a case says otherwise; each case is worked out by hand in its comment. */
final class BuilderTest extends TestCase
{
    use BuiltPlans;
    use Shops;

    public function test_a_hold_runs_over_the_weekend_and_work_goes_on_on_monday(): void
    {
        // Friday 6 March, ready at 15:00: 1 h of glueing till 16:00, 24 h of hold till Saturday 16:00, so 1 h on Monday
        // from 8:00.
        $plan = $this->plan([
            $this->activity('glue', 60, hold: 1440),
            $this->activity('carve', 60, after: ['glue']),
        ], now: '2026-03-06 15:00');
        $this->assertTimes($plan, 'glue', '2026-03-06 15:00', '2026-03-06 16:00', '2026-03-07 16:00');
        $this->assertTimes($plan, 'carve', '2026-03-09 08:00', '2026-03-09 09:00', '2026-03-09 09:00');
        self::assertSame(ReasonKind::Link, $plan->assignments['carve']->reason->kind);
        self::assertSame('glue', $plan->assignments['carve']->reason->activity);
    }

    public function test_a_hold_across_the_clock_change_lasts_real_hours(): void
    {
        // Saturday night to Sunday 29 March has 23 h: glued till Friday 17:00, 48 h later it is Sunday 18:00 by the
        // wall clock.
        $plan = $this->plan([$this->activity('glue', 60, hold: 2880)], now: '2026-03-27 16:00');
        $this->assertTimes($plan, 'glue', '2026-03-27 16:00', '2026-03-27 17:00', '2026-03-29 18:00');
    }

    public function test_a_person_does_one_thing_at_a_time_and_the_reason_names_the_other(): void
    {
        // Both take 4 h: 8–12 and 12:30–16:30. The one that is due first goes first.
        $plan = $this->plan(
            [$this->activity('a', 240, build: 'late'), $this->activity('b', 240, build: 'soon')],
            dues: ['late' => new Due($this->at('2026-05-01 17:00')), 'soon' => new Due($this->at('2026-03-04 17:00'))],
        );
        $this->assertTimes($plan, 'b', '2026-03-02 08:00', '2026-03-02 12:00');
        $this->assertTimes($plan, 'a', '2026-03-02 12:30', '2026-03-02 16:30');
        self::assertSame(ReasonKind::Person, $plan->assignments['a']->reason->kind);
        self::assertSame('b', $plan->assignments['a']->reason->activity);
    }

    public function test_a_fixture_stays_taken_through_the_hold_and_a_station_does_not(): void
    {
        // One set of clamps: glued 8–9, held 12 h till 21:00, so the next glue-up is on Tuesday at 8:00.
        $clamps = [new Demand('clamps', 1, throughHold: true)];
        $plan = $this->plan(
            [
                $this->activity('one', 60, hold: 720, demands: $clamps, build: 'x'),
                $this->activity('two', 60, hold: 720, demands: $clamps, build: 'y'),
            ],
            workers: 2,
            capacities: ['clamps' => 1],
        );
        $this->assertTimes($plan, 'one', '2026-03-02 08:00', '2026-03-02 09:00', '2026-03-02 21:00');
        $this->assertTimes($plan, 'two', '2026-03-03 08:00', '2026-03-03 09:00', '2026-03-03 21:00');
        self::assertSame(
            ['clamps', 'one'],
            [$plan->assignments['two']->reason->resource, $plan->assignments['two']->reason->activity],
        );

        // The same with a station: free at 9:00. And with two sets of clamps: at once.
        $station = [new Demand('router', 1)];
        $plan = $this->plan(
            [
                $this->activity('one', 60, hold: 720, demands: $station, build: 'x'),
                $this->activity('two', 60, hold: 720, demands: $station, build: 'y'),
            ],
            workers: 2,
            capacities: ['router' => 1],
        );
        $this->assertTimes($plan, 'two', '2026-03-02 09:00', '2026-03-02 10:00');
        $plan = $this->plan(
            [
                $this->activity('one', 60, hold: 720, demands: $clamps, build: 'x'),
                $this->activity('two', 60, hold: 720, demands: $clamps, build: 'y'),
            ],
            workers: 2,
            capacities: ['clamps' => 2],
        );
        $this->assertTimes($plan, 'two', '2026-03-02 08:00', '2026-03-02 09:00');
    }

    public function test_a_part_is_an_earliest_start_and_a_lead_time_runs_from_the_order(): void
    {
        $plan = $this->plan([
            new Activity(
                'wait',
                'b',
                60,
                skill: 'any',
                release: new Release($this->at('2026-03-05 08:00'), 'bridge, expected 5 March'),
            ),
            new Activity('order', 'b', 60, skill: 'any'),
            new Activity(
                'measure', 'b', 60, skill: 'any', predecessors: [new Predecessor('order', 2 * 1440, 'pickups')],
            ),
        ]);
        $this->assertTimes($plan, 'wait', '2026-03-05 08:00', '2026-03-05 09:00');
        self::assertSame('bridge, expected 5 March', $plan->assignments['wait']->reason->cause);
        // Ordered by 9:00 on Monday, there two days later at 9:00.
        $this->assertTimes($plan, 'measure', '2026-03-04 09:00', '2026-03-04 10:00');
        self::assertSame(
            [ReasonKind::Lag, 'pickups'],
            [$plan->assignments['measure']->reason->kind, $plan->assignments['measure']->reason->cause],
        );
    }

    public function test_work_in_one_sitting_does_not_run_over_a_break(): void
    {
        // 10:30, 2 h in one sitting: an hour and a half is left till noon, so it begins at 12:30.
        $plan = $this->plan([$this->activity('glue', 120, oneSitting: true)], now: '2026-03-02 10:30');
        $this->assertTimes($plan, 'glue', '2026-03-02 12:30', '2026-03-02 14:30');
        // Longer than any sitting: it is split all the same rather than never done.
        $plan = $this->plan([$this->activity('glue', 600, oneSitting: true)]);
        $this->assertTimes($plan, 'glue', '2026-03-02 08:00', '2026-03-03 09:30');
    }

    public function test_work_under_way_is_kept_and_a_hold_under_way_keeps_its_clamps(): void
    {
        $clamps = [new Demand('clamps', 1, throughHold: true)];
        $plan = $this->plan([
            new Activity('urgent', 'u', 60, skill: 'any'),
            new Activity('begun', 'b', 60, skill: 'any', worker: 1, startedAt: $this->at('2026-02-27 16:00')),
            new Activity('held', 'h', 0, demands: $clamps, holdUntil: $this->at('2026-03-02 16:00')),
            new Activity('next', 'n', 30, hold: 60, skill: 'any', demands: $clamps),
        ], dues: ['u' => new Due($this->at('2026-03-02 09:00'))], capacities: ['clamps' => 1]);
        $this->assertTimes($plan, 'begun', '2026-03-02 08:00', '2026-03-02 09:00');
        $this->assertTimes($plan, 'urgent', '2026-03-02 09:00', '2026-03-02 10:00');
        $this->assertTimes($plan, 'next', '2026-03-02 16:00', '2026-03-02 16:30', '2026-03-02 17:30');
        self::assertSame(ReasonKind::Started, $plan->assignments['begun']->reason->kind);
    }

    public function test_a_later_round_takes_only_what_the_earlier_ones_leave(): void
    {
        $urgent = new Due($this->at('2026-03-02 10:00'), round: 1);
        $plan = $this->plan(
            [$this->activity('new', 60, build: 'new'), $this->activity('old', 60, build: 'old')],
            dues: ['new' => $urgent, 'old' => new Due(null)],
        );
        $this->assertTimes($plan, 'old', '2026-03-02 08:00', '2026-03-02 09:00');
        $this->assertTimes($plan, 'new', '2026-03-02 09:00', '2026-03-02 10:00');
    }
}
