<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Weights;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/** What is settled before anything is planned, and what it costs: speeds, absences, outages, pins, windows, set-ups. */
final class WindowsAndSetUpsTest extends TestCase
{
    use FixedShops;
    use Shops;

    public function test_settings_are_put_together_by_looking_longer_where_that_saves_something(): void
    {
        $of = static fn (string $id, string $key): Activity => new Activity(
            $id, $id, 60, skill: 'any', demands: [new Demand('router')], setUp: new SetUp($key, 40, 'router'),
        );
        $activities = [
            $of('a', 'fence'), $of('b', 'template'), $of('c', 'fence'), $of('d', 'template'), $of('e', 'fence'),
        ];
        $problem = $this->problem($activities, [$this->worker(1)], ['router' => 1]);
        $keys = array_flip(['a', 'b', 'c', 'd', 'e']);
        $improved = Improver::improve($problem, new Budget(60), 1, keys: $keys);
        self::assertSame(
            [200, 80],
            [
                (new Objective)->setUpMinutes($problem, Builder::byKeys($problem, $keys)),
                (new Objective)->setUpMinutes($problem, $improved->best),
            ],
            'two settings, each set up once',
        );
    }

    public function test_a_coat_is_held_back_so_that_the_next_one_comes_in_time(): void
    {
        // On Friday afternoon the first coat could go on, but the second only on Monday: its window is a day.
        $coats = $this->coats(1_440, 90);
        $plan = Builder::plan($this->problem($coats, [$this->worker(1)], now: '2026-03-20 15:00'));
        self::assertSame(
            ['2026-03-23 08:00', ReasonKind::Window],
            [$this->local($plan->assignments['first']->start), $plan->assignments['first']->reason->kind],
        );
        self::assertSame(
            [[], '2026-03-23 13:00'],
            [$plan->assignments['second']->missed, $this->local($plan->assignments['second']->start)],
        );
    }

    /**
     * The last coat can go on only on Monday and each has to follow within a day: every coat before it has to be held
     * back in turn, however many there are.
     */
    public function test_coats_are_held_back_one_behind_the_other(): void
    {
        foreach ([2, 5, 9] as $count) {
            $coats = [];
            foreach (range(1, $count) as $coat) {
                $coats[] = new Activity(
                    "c{$coat}", 'one', 30, 60, 'any', $coat > 1 ? [new Predecessor('c'.($coat - 1))] : [],
                    release: $coat === $count
                        ? new Release($this->at('2026-03-30 08:00'), 'the client chooses the sheen')
                        : null,
                    windows: $coat > 1 ? [new Window('c'.($coat - 1), 1_440, 300)] : [],
                );
            }
            $problem = $this->problem($coats, [$this->worker(1)], now: '2026-03-18 08:00');
            $plan = Builder::plan($problem);
            self::assertSame(
                0,
                array_sum(array_map(static fn (Assignment $one): int => count($one->missed), $plan->assignments)),
                "{$count} coats",
            );
            self::assertSame(
                '2026-03-30', substr($this->local($plan->assignments['c1']->start), 0, 10),
                'not sooner than that needs',
            );
        }
    }

    public function test_a_window_that_cannot_be_kept_costs_its_sanding_and_is_told(): void
    {
        $coats = $this->coats(120, 45);
        $problem = $this->problem($coats, [$this->worker(1)]);
        $plan = Builder::plan($problem);
        self::assertSame(
            [75, $problem->activities['second']->windows],
            [$plan->assignments['second']->work, $plan->assignments['second']->missed],
        );
        self::assertStringContainsString('45 min of sanding are planned in', Troubles::find($problem, $plan)[0]->words);
        self::assertSame(45, (new Objective)->setUpMinutes($problem, $plan));
        $closed = $this->problem(
            [
                new Activity(
                    'late', 'one', 30, skill: 'any', windows: [new Window(null, $this->at('2026-03-17 12:00'), 20)],
                ),
            ],
            [$this->worker(1)],
        );
        self::assertSame(50, Builder::plan($closed)->assignments['late']->work, 'it closed yesterday');
        $hard = $this->problem($this->coats(120, 0), [$this->worker(1)]);
        self::assertStringContainsString(
            'begins later after the operation before than it may', Troubles::find($hard, Builder::plan($hard))[0]->words,
        );
    }

    public function test_the_same_set_up_right_after_is_spared_and_waited_for_only_while_it_pays(): void
    {
        $router = [new Demand('router')];
        $same = static fn (string $id, string $key): Activity => new Activity(
            $id, $id, 60, skill: 'any', demands: $router, setUp: new SetUp($key, 30, 'router'),
        );
        $plan = $this->plan(
            [$same('a', 'fence'), $same('b', 'template'), $same('c', 'fence')], [$this->worker(1)], ['router' => 1],
            ['a' => new Due(1), 'c' => new Due(2), 'b' => new Due(3)],
        );
        self::assertSame(
            [60, 30, 60],
            [$plan->assignments['a']->work, $plan->assignments['c']->work, $plan->assignments['b']->work],
        );
        self::assertSame(['a', null], [$plan->assignments['c']->sharesSetUpOf, $plan->assignments['b']->sharesSetUpOf]);
        $problem = $this->problem(
            [$same('a', 'fence'), $same('b', 'template'), $same('c', 'fence')], [$this->worker(1)], ['router' => 1],
            ['a' => new Due(1), 'b' => new Due(2), 'c' => new Due(3)],
        );
        $between = Builder::plan($problem);
        self::assertSame(60, $between->assignments['c']->work, 'something else was set up in between');
        self::assertSame(90, (new Objective)->setUpMinutes($problem, $between));
        // Two people, one router: waiting half an hour for the other’s set-up is better than setting up for as long.
        $waits = $this->plan(
            [$same('a', 'fence'), $same('b', 'fence')], [$this->worker(1), $this->worker(2)], ['router' => 1],
        );
        self::assertSame(
            ['2026-03-18 09:00', '2026-03-18 09:30', 'a'],
            [
                $this->local($waits->assignments['b']->start), $this->local($waits->assignments['b']->workEnd),
                $waits->assignments['b']->sharesSetUpOf,
            ],
        );
    }

    public function test_weights_decide_what_counts(): void
    {
        $activities = [
            new Activity('soft', 'soft', 240, skill: 'any'), new Activity('firm', 'firm', 240, skill: 'any'),
        ];
        $due = $this->at('2026-03-18 12:00');
        $problem = $this->problem(
            $activities, [$this->worker(1)], [], ['soft' => new Due($due), 'firm' => new Due($due)],
        );
        $first = Builder::plan($problem, [$problem->activities['soft'], $problem->activities['firm']]);
        $late = (new Objective)->lateness($problem, $first)['firm'];
        $stay = 240 + 510;
        self::assertSame(30_000 * $late + 10 * $stay, (new Objective)->cost($problem, $first));
        self::assertSame(
            7 * 2 * $late + 5 * $stay,
            (new Objective)->cost(
                $problem->with(['weights' => new Weights(late: 7, promised: 2, inTheShop: 5)]),
                $first,
            ),
        );
    }

    /** @return list<Activity> two coats of half an hour with four hours between them, the second within a window */
    private function coats(int $window, int $sanding): array
    {
        return [
            new Activity('first', 'one', 30, 270, 'any'),
            new Activity(
                'second', 'one', 30, 0, 'any', [new Predecessor('first')],
                windows: [new Window('first', $window, $sanding)],
            ),
        ];
    }
}
