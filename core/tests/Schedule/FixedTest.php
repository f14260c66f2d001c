<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/** What is settled before anything is planned, and what it costs: speeds, absences, outages, pins, windows, set-ups. */
final class FixedTest extends TestCase
{
    use FixedShops;
    use Shops;

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

    public function test_impossible_pins_are_told_with_their_fix_and_all_is_planned(): void
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
}
