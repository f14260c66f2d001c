<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** What is settled before anything is planned, and what it costs: speeds, absences, outages, pins, windows, set-ups. */
final class AwayAndDownTest extends TestCase
{
    use FixedShops;
    use Shops;

    public function test_who_is_faster_at_a_skill_takes_less_and_is_chosen(): void
    {
        $slow = new Worker(1, 'slow', ['any'], $this->calendar(), ['any' => 50]);
        $fast = new Worker(2, 'fast', ['any'], $this->calendar(), ['any' => 150, 'other' => 10]);
        $plan = $this->plan([new Activity('a', 'one', 100, skill: 'any')], [$slow, $fast]);
        self::assertSame(
            [2, 70, '2026-03-18 09:10'],
            [
                $plan->assignments['a']->worker, $plan->assignments['a']->work,
                $this->local($plan->assignments['a']->workEnd),
            ],
            '100 minutes at 150 % are 66.7, up to the next mark',
        );
        self::assertSame(
            200,
            $this->plan([new Activity('a', 'one', 100, skill: 'any')], [$slow])->assignments['a']->work,
        );
        self::assertSame(100, $slow->minutes('another', 100));
    }

    public function test_somebody_who_comes_only_on_some_days_is_the_reason_for_a_long_wait(): void
    {
        $seldom = new Worker(
            2,
            'seldom',
            ['wire'],
            Calendar::from(
                WorkingHours::of([3 => [[480, 1020]], 4 => [[480, 1020]]], [], $this->zone()),
                $this->at('2026-03-16'),
            ),
        );
        $activities = [
            new Activity('a', 'one', 60, skill: 'any'),
            new Activity('b', 'one', 60, skill: 'wire', predecessors: [new Predecessor('a')]),
        ];
        // Thursday evening is too late, so that it waits until the next Wednesday for the person, not for what comes
        // before.
        $plan = Builder::plan($this->problem($activities, [$this->worker(1), $seldom], now: '2026-03-19 16:30'));
        self::assertSame(
            ['2026-03-25 08:00', ReasonKind::Calendar, 'a'],
            [
                $this->local($plan->assignments['b']->start), $plan->assignments['b']->reason->kind,
                $plan->assignments['b']->reason->activity,
            ],
        );
        // Ready on Tuesday it waits a night, and what comes before is what it waits for.
        $next = Builder::plan($this->problem($activities, [$this->worker(1), $seldom], now: '2026-03-17 10:00'));
        self::assertSame(
            ['2026-03-18 08:00', ReasonKind::Link],
            [$this->local($next->assignments['b']->start), $next->assignments['b']->reason->kind],
        );
    }

    public function test_a_part_of_a_day_off_is_worked_around_and_a_longer_day_is_used(): void
    {
        $away = $this->hours()->away('2026-03-18', 600, 900);
        self::assertSame([[480, 600], [900, 1020]], $away->on('2026-03-18'));
        $plan = $this->plan(
            [new Activity('a', 'one', 180, skill: 'any')],
            [new Worker(1, 'w', ['any'], Calendar::from($away, $this->at('2026-03-17')))],
        );
        self::assertSame(
            '2026-03-18 16:00', $this->local($plan->assignments['a']->workEnd), 'two hours before ten, one after three',
        );
        $longer = $this->hours()->longer('2026-03-18', 90);
        self::assertSame([[480, 720], [750, 1110]], $longer->on('2026-03-18'));
        self::assertSame([], $this->hours()->longer('2026-03-21', 90)->on('2026-03-21'), 'a free day stays free');
        self::assertSame(
            [[480, 720], [750, 1440]], $this->hours()->longer('2026-03-18', 9_000)->on('2026-03-18'),
            'not beyond midnight',
        );
        self::assertSame([[480, 720], [750, 1080]], $this->hours()->longerEveryDay(60)->on('2026-03-19'));
        self::assertSame([], $this->hours(['2026-03-18'])->away('2026-03-18', 0, 600)->on('2026-03-18'));
    }

    public function test_a_station_that_is_down_is_waited_for_and_named_as_the_reason(): void
    {
        $activities = [
            new Activity('a', 'one', 60, skill: 'any', demands: [new Demand('router')]),
            new Activity(
                'b', 'one', 60, skill: 'any', demands: [new Demand('router')], worker: 1,
                startedAt: $this->at('2026-03-18 07:30'),
            ),
        ];
        $outages = [
            new Outage('router', $this->at('2026-03-18 07:00'), $this->at('2026-03-18 11:00'), 'new bearings'),
            new Outage('air', $this->at('2026-03-18 00:00'), $this->at('2026-03-19 00:00'), 'too damp', true),
        ];
        $plan = $this->plan($activities, [$this->worker(1)], ['router' => 1, 'air' => 9], [], $outages);
        self::assertSame(
            ['2026-03-18 11:00', ReasonKind::Outage, 'new bearings'],
            [
                $this->local($plan->assignments['b']->start), $plan->assignments['b']->reason->kind,
                $plan->assignments['b']->reason->cause,
            ],
            'what is under way on it waits too',
        );
        self::assertSame('2026-03-18 12:30', $this->local($plan->assignments['a']->start));
        $spray = $this->plan(
            [new Activity('s', 'one', 30, skill: 'any', demands: [new Demand('air')])],
            [$this->worker(1)],
            ['air' => 9],
            [],
            $outages,
        )->assignments['s'];
        self::assertSame(
            ['2026-03-19 08:00', ReasonKind::Climate], [$this->local($spray->start), $spray->reason->kind],
        );
    }

    public function test_bad_input_never_stops_the_rest(): void
    {
        $activities = [
            new Activity('a', 'one', 600, skill: 'any', oneSitting: true),
            new Activity('b', 'two', 60, skill: 'magic'),
            new Activity('c', 'two', 60, skill: 'any', demands: [new Demand('clamps', 2, true)]),
            new Activity('d', 'three', 60, skill: 'any', demands: [new Demand('unknown')]),
            new Activity('e', 'three', 60, skill: 'any', predecessors: [new Predecessor('d')]),
            new Activity('f', 'four', 60, skill: 'any'),
        ];
        $problem = $this->problem(
            $activities, [$this->worker(1)], ['clamps' => 1], ['four' => new Due($this->at('2026-03-10'))],
        );
        $plan = Builder::plan($problem);
        self::assertSame(['f', 'a'], array_keys($plan->assignments));
        self::assertSame(
            ['promise', 'sitting', 'unplanned', 'unplanned', 'unplanned', 'unplanned'],
            self::sorted(array_map(static fn (Trouble $one): string => $one->kind, Troubles::find($problem, $plan))),
        );
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }
}
