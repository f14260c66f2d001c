<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** What could make a planner hang or give up: it ends, plans what can be planned, and tells the rest. */
final class WorstCasesTest extends TestCase
{
    use Shops;

    public function test_pins_that_go_round_in_a_circle_through_many_builds(): void
    {
        $activities = [];
        foreach (range(0, 19) as $build) {
            $activities[] = new Activity(
                "a{$build}", "b{$build}", 30, skill: 'any', predecessors: [new Predecessor("z{$build}")],
            );
            $activities[] = new Activity(
                "z{$build}", "b{$build}", 30, skill: 'any', pin: new Pin(after: 'a'.(($build + 1) % 20)),
            );
        }
        $problem = new Problem($this->at('2026-03-18 08:00'), $activities, [$this->worker(1)], []);
        self::assertCount(40, Builder::plan($problem)->assignments);
        self::assertCount(20, $problem->circular);
        self::assertCount(20, Troubles::find($problem, Builder::plan($problem)));
    }

    public function test_everything_pinned_to_the_same_day(): void
    {
        $day = $this->at('2026-03-20');
        $activities = array_map(
            static fn (int $one): Activity => new Activity(
                "a{$one}", "b{$one}", 120, skill: 'any', pin: new Pin(worker: 1, from: $day, until: $day + 1_440),
            ),
            range(1, 12),
        );
        $problem = new Problem($this->at('2026-03-18 08:00'), $activities, [$this->worker(1), $this->worker(2)], []);
        $plan = Builder::plan($problem);
        self::assertCount(12, $plan->assignments);
        // Four of two hours fit into the eight and a half of a day, and a fifth is begun on it.
        self::assertCount(7, Troubles::find($problem, $plan));
        self::assertSame(
            [1],
            array_values(array_unique(array_map(static fn ($one) => $one->worker, $plan->assignments))),
        );
    }

    public function test_a_station_that_is_down_for_twenty_years(): void
    {
        $now = $this->at('2026-03-18 08:00');
        $activities = [
            new Activity('a', 'one', 60, skill: 'any', demands: [new Demand('saw')]),
            new Activity('b', 'two', 60, skill: 'any'),
        ];
        $problem = new Problem(
            $now, $activities, [$this->worker(1)], ['saw' => 1], [],
            [new Outage('saw', $now - 100, $now + 20 * 525_960, 'burnt down')],
        );
        $plan = Builder::plan($problem);
        self::assertSame(['b'], array_keys($plan->assignments));
        self::assertStringContainsString('16 years', $plan->unplanned['a']->why);
    }

    public function test_outages_that_follow_each_other_without_a_gap_long_enough(): void
    {
        $now = $this->at('2026-03-18 08:00');
        $outages = array_map(
            static fn (int $hour): Outage => new Outage('saw', $now + 60 * $hour, $now + 60 * $hour + 30, 'it trips'),
            range(0, 300),
        );
        $problem = new Problem(
            $now, [new Activity('a', 'one', 45, skill: 'any', demands: [new Demand('saw')])], [$this->worker(1)],
            ['saw' => 1], [], $outages,
        );
        self::assertGreaterThanOrEqual(
            $now + 60 * 300 + 30, Builder::plan($problem)->assignments['a']->start, 'after the last of them',
        );
    }

    public function test_windows_on_a_long_chain_of_coats_none_of_which_can_be_kept(): void
    {
        $activities = [];
        foreach (range(1, 40) as $coat) {
            $activities[] = new Activity(
                "c{$coat}", 'one', 30, 600, 'any', $coat > 1 ? [new Predecessor('c'.($coat - 1))] : [],
                windows: $coat > 1 ? [new Window('c'.($coat - 1), 60, 15)] : [],
            );
        }
        $problem = new Problem($this->at('2026-03-18 08:00'), $activities, [$this->worker(1)], []);
        $plan = Builder::plan($problem);
        self::assertCount(40, $plan->assignments);
        self::assertSame(39, count(Troubles::find($problem, $plan)));
        self::assertSame(30 + 39 * 45, array_sum(array_map(static fn ($one): int => $one->work, $plan->assignments)));
    }

    public function test_hundreds_with_the_same_setting_on_one_station_set_up_once_a_day_at_most(): void
    {
        $activities = array_map(
            static fn (int $one): Activity => new Activity(
                "a{$one}", "b{$one}", 30, skill: 'any', demands: [new Demand('router')],
                setUp: new SetUp('fence', 20, 'router'),
            ),
            range(1, 200),
        );
        $plan = Builder::plan(
            new Problem($this->at('2026-03-18 08:00'), $activities, [$this->worker(1)], ['router' => 1]),
        );
        $setUps = array_filter($plan->assignments, static fn ($one): bool => $one->sharesSetUpOf === null);
        self::assertCount(200, $plan->assignments);
        self::assertLessThanOrEqual(
            2, count($setUps), 'once, and once after a weekend: a day is as long as it is kept',
        );
        self::assertSame(10, $plan->assignments['a2']->work);
    }

    public function test_nobody_has_hours_and_nobody_is_there(): void
    {
        $problem = new Problem(
            $this->at('2026-03-18 08:00'),
            [new Activity('a', 'one', 60, skill: 'any'), new Activity('hold', 'two', 0, 60)],
            [],
            [],
        );
        $plan = Builder::plan($problem);
        self::assertSame([['hold'], ['a']], [array_keys($plan->assignments), array_keys($plan->unplanned)]);
        self::assertEquals($plan->assignments, Improver::improve($problem, new Budget(10))->best->assignments);
        $never = new Worker(
            1,
            'never',
            ['any'],
            Calendar::from(
                WorkingHours::of(
                    [7 => [[0, 1]]],
                    array_map(
                        static fn (int $week): string => (
                            new \DateTimeImmutable('2026-03-22')
                        )->modify("+{$week} weeks")->format('Y-m-d'),
                        range(0, 900),
                    ),
                    $this->zone(),
                ),
                $this->at('2026-03-18 08:00'),
                'never',
            ),
        );
        self::assertStringContainsString(
            'never',
            Builder::plan(
                new Problem($this->at('2026-03-18 08:00'), [new Activity('a', 'one', 5, skill: 'any')], [$never], []),
            )->unplanned['a']->why,
        );
    }

    public function test_a_fixture_needed_twice_but_owned_once_stops_only_what_hangs_on_it(): void
    {
        $activities = [
            new Activity('clamp', 'one', 60, skill: 'any', demands: [new Demand('clamps', 2, true)]),
            new Activity('after', 'one', 60, skill: 'any', predecessors: [new Predecessor('clamp')]),
            new Activity('beside', 'one', 60, skill: 'any'),
        ];
        $plan = Builder::plan(
            new Problem($this->at('2026-03-18 08:00'), $activities, [$this->worker(1)], ['clamps' => 1]),
        );
        self::assertSame(['beside'], array_keys($plan->assignments));
        self::assertStringContainsString('It needs 2 of “clamps”; the shop has 1.', $plan->unplanned['clamp']->why);
    }

    public function test_everything_at_once_in_a_shop_of_sixty_builds(): void
    {
        $now = $this->at('2026-03-27 15:00');
        $activities = $dues = [];
        foreach (range(1, 60) as $build) {
            $dues["b{$build}"] = new Due($now + 1_440 * ($build % 40) - 2_000);
            foreach (range(1, 20) as $step) {
                $before = $step > 1 ? ["b{$build}s".($step - 1)] : [];
                $activities[] = new Activity(
                    "b{$build}s{$step}", "b{$build}", 15 + ($build * $step) % 200, $step % 5 === 0 ? 900 : 0,
                    ['wood', 'any'][$step % 2],
                    array_map(static fn (string $one): Predecessor => new Predecessor($one), $before),
                    [$step % 3 === 0 ? new Demand('clamps', 1 + $step % 2, true) : new Demand('router')],
                    $step === 4 ? new Release($now + 1_440 * ($build % 9), 'a part') : null, $step % 4 === 0,
                    setUp: $step % 3 === 0 ? null : new SetUp('s'.($step % 7), 10),
                    windows: $step % 6 === 0 ? [new Window($before[0], 2_000, 20)] : [],
                    pin: $build % 7 === 0 && $step === 9 ? new Pin(worker: 2) : null,
                );
            }
        }
        $workers = [$this->worker(1, ['wood', 'any']), $this->worker(2, ['wood', 'any']), $this->worker(3, ['any'])];
        $problem = new Problem(
            $now, $activities, $workers, ['clamps' => 3, 'router' => 2], $dues,
            [new Outage('router', $now + 2_000, $now + 5_000, 'serviced')],
        );
        $plan = Builder::plan($problem);
        self::assertCount(1_200, $plan->assignments);
        $week = array_fill(1, 5, [[480, 720], [750, 1020]]) + [6 => [], 7 => []];
        (
            new ShopJudge(
                [1 => new DrawnPerson($week, []), 2 => new DrawnPerson($week, []), 3 => new DrawnPerson($week, [])],
                $this->zone(),
            )
        )->judge($problem, $plan, 'sixty builds', ['wood' => [1, 2], 'any' => [1, 2, 3]]);
        self::assertEquals($plan, Builder::plan($problem), 'the same shop, the same plan');
    }
}
