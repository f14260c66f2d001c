<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Outage;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Weights;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/** What is settled before anything is planned, and what it costs: speeds, absences, outages, pins, windows, set-ups. */
final class FixedTest extends TestCase
{
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

    public function test_what_is_kept_in_order_may_begin_sooner_and_keeps_its_person(): void
    {
        $activities = [
            new Activity(
                'first', 'one', 60, skill: 'any', announced: new Announced(2, $this->at('2026-03-18 10:00'), false),
            ),
            new Activity(
                'second', 'two', 60, skill: 'any', announced: new Announced(2, $this->at('2026-03-18 11:00'), false),
            ),
            new Activity('urgent', 'three', 60, skill: 'any'),
        ];
        $plan = $this->plan(
            $activities, [$this->worker(1), $this->worker(2)],
            dues: ['three' => new Due($this->at('2026-03-18 08:30'))],
        );
        self::assertSame(
            ['2026-03-18 08:00', '2026-03-18 09:00'],
            [$this->local($plan->assignments['first']->start), $this->local($plan->assignments['second']->start)],
        );
        self::assertSame(
            [2, 2, 1],
            [
                $plan->assignments['first']->worker, $plan->assignments['second']->worker,
                $plan->assignments['urgent']->worker,
            ],
        );
        self::assertNotSame(ReasonKind::Announced, $plan->assignments['first']->reason->kind);
        $gone = $this->plan(
            [
                new Activity(
                    'a', 'one', 60, skill: 'any', announced: new Announced(9, $this->at('2026-03-18 10:00'), false),
                ),
            ],
            [$this->worker(1)],
        );
        self::assertSame(1, $gone->assignments['a']->worker, 'who has left is not waited for');
    }

    public function test_a_wait_for_another_build_that_matters_is_let_past_by_looking_longer(): void
    {
        // One person, two builds: the one that is due first was ordered later and stands behind; only its order has to
        // change.
        $activities = [
            new Activity('long', 'relaxed', 480, skill: 'any'),
            new Activity('before', 'urgent', 60, skill: 'any'),
            new Activity('short', 'urgent', 120, skill: 'any', predecessors: [new Predecessor('before')]),
        ];
        $problem = $this->problem(
            $activities,
            [$this->worker(1)],
            dues: [
                'urgent' => new Due($this->at('2026-03-18 12:00')), 'relaxed' => new Due($this->at('2026-03-30 12:00')),
            ],
        );
        $improved = Improver::improve($problem, new Budget(25), 3, keys: ['long' => 0, 'before' => 10, 'short' => 20]);
        self::assertSame([], (new Objective)->lateness($problem, $improved->best));
        self::assertGreaterThan($improved->bestCost, $improved->firstCost);
        self::assertSame(
            ['urgent', 'relaxed'], array_keys((new Objective)->finishes($problem, $improved->best)),
            'with all that it needs',
        );
    }

    public function test_settings_are_put_together_by_looking_longer_where_that_saves_something(): void
    {
        $of = static fn (string $id, string $key): Activity => new Activity(
            $id, $id, 60, skill: 'any', demands: [new Demand('router')], setUp: new SetUp($key, 40, 'router'),
        );
        $activities = [
            $of('a', 'fence'), $of('b', 'template'), $of('c', 'fence'), $of('d', 'template'), $of('e', 'fence'),
        ];
        $problem = $this->problem($activities, [$this->worker(1)], ['router' => 1]);
        $improved = Improver::improve($problem, new Budget(60), 1, keys: array_flip(['a', 'b', 'c', 'd', 'e']));
        self::assertSame(
            [200, 80],
            [
                (new Objective)->setUpMinutes($problem, $improved->first),
                (new Objective)->setUpMinutes($problem, $improved->best),
            ],
            'two settings, each set up once',
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

    public function test_a_pin_to_a_person_and_a_day_and_behind_another_is_kept(): void
    {
        $day = $this->at('2026-03-20');
        $activities = [
            new Activity('a', 'one', 60, skill: 'any', pin: new Pin(worker: 2, from: $day, until: $day + 1_440)),
            new Activity('b', 'two', 60, skill: 'any', pin: new Pin(after: 'c')),
            new Activity('c', 'three', 60, skill: 'any'),
            new Activity('d', 'four', 540, skill: 'any'),
        ];
        $plan = $this->plan($activities, [$this->worker(1), $this->worker(2)]);
        self::assertSame(
            [2, '2026-03-20 08:00', ReasonKind::Pin],
            [
                $plan->assignments['a']->worker, $this->local($plan->assignments['a']->start),
                $plan->assignments['a']->reason->kind,
            ],
        );
        self::assertGreaterThanOrEqual($plan->assignments['c']->workEnd, $plan->assignments['b']->start);
        self::assertSame('c', $plan->assignments['b']->reason->activity);
        self::assertSame([], Troubles::find($this->problem($activities, [$this->worker(1), $this->worker(2)]), $plan));
    }

    public function test_what_is_pinned_to_a_day_is_planned_first_with_all_it_needs(): void
    {
        $day = $this->at('2026-03-19');
        $busy = array_map(
            static fn (int $one): Activity => new Activity("x{$one}", 'busy', 480, skill: 'any'),
            range(1, 5),
        );
        $activities = [
            ...$busy,
            new Activity('a', 'one', 480, skill: 'any'),
            new Activity(
                'b', 'one', 240, skill: 'any', predecessors: [new Predecessor('a')],
                pin: new Pin(from: $day, until: $day + 1_440),
            ),
        ];
        $plan = $this->plan($activities, [$this->worker(1)], dues: ['busy' => new Due($this->at('2026-03-18 18:00'))]);
        self::assertSame('2026-03-19', substr($this->local($plan->assignments['b']->start), 0, 10));
    }

    public function test_a_pin_behind_what_is_over_waits_for_nothing(): void
    {
        $problem = $this->problem(
            [new Activity('a', 'one', 60, skill: 'any', pin: new Pin(after: 'done long ago'))],
            [$this->worker(1)],
        );
        self::assertSame(['a' => []], $problem->before);
        self::assertSame([], Troubles::find($problem, Builder::plan($problem)));
    }

    public function test_impossible_pins_are_told_with_their_mend_and_all_is_planned(): void
    {
        $day = $this->at('2026-03-18');
        $activities = [
            new Activity('a', 'one', 60, skill: 'any', predecessors: [new Predecessor('b')]),
            new Activity('b', 'one', 60, skill: 'any', pin: new Pin(after: 'a')),
            new Activity('c', 'two', 60, skill: 'any', pin: new Pin(worker: 9)),
            new Activity(
                'd', 'two', 60, skill: 'any', predecessors: [new Predecessor('e', 3_000)],
                pin: new Pin(from: $day, until: $day + 1_440),
            ),
            new Activity('e', 'two', 60, skill: 'any'),
        ];
        $problem = $this->problem($activities, [$this->worker(1)]);
        $plan = Builder::plan($problem);
        self::assertCount(5, $plan->assignments);
        $told = array_map(
            static fn (Trouble $one): array => [$one->kind, $one->activity, strtok($one->words, '.')],
            Troubles::find($problem, $plan),
        );
        sort($told);
        self::assertSame([
            ['pin', 'b', 'It is pinned behind something that itself has to wait for it'],
            [
                'pin',
                'c',
                'The person it is pinned to does not work in the shop or has not the skill for it, so that somebody '
                    .'else is planned',
            ],
            ['pin', 'd', 'It cannot be begun on the day it is pinned to; it is planned as soon after as it can be'],
        ], $told);
    }

    public function test_what_was_told_keeps_its_person_and_its_time(): void
    {
        $told = new Announced(2, $this->at('2026-03-18 10:00'));
        $plan = $this->plan(
            [
                new Activity('urgent', 'two', 400, skill: 'any'),
                new Activity('a', 'one', 60, skill: 'any', announced: $told),
            ],
            [$this->worker(1), $this->worker(2)],
            dues: ['two' => new Due($this->at('2026-03-18 12:00'))],
        );
        self::assertSame(
            [2, '2026-03-18 10:00', ReasonKind::Announced],
            [
                $plan->assignments['a']->worker, $this->local($plan->assignments['a']->start),
                $plan->assignments['a']->reason->kind,
            ],
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

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities
     * @param  array<string, Due>  $dues
     * @param  list<Outage>  $outages
     */
    private function problem(
        array $activities,
        array $workers,
        array $capacities = [],
        array $dues = [],
        array $outages = [],
        string $now = '2026-03-18 08:00',
    ): Problem {
        return new Problem($this->at($now), $activities, $workers, $capacities, $dues, $outages);
    }

    /**
     * @param  list<Activity>  $activities
     * @param  list<Worker>  $workers
     * @param  array<string, int>  $capacities
     * @param  array<string, Due>  $dues
     * @param  list<Outage>  $outages
     */
    private function plan(
        array $activities,
        array $workers,
        array $capacities = [],
        array $dues = [],
        array $outages = [],
    ): Plan {
        return Builder::plan($this->problem($activities, $workers, $capacities, $dues, $outages));
    }
}
