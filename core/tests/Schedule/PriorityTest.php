<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;
use Regimen\Schedule\Search\CriticalPath;
use Regimen\Schedule\Tables\Order;
use Regimen\Schedule\Tables\Tables;

final class PriorityTest extends TestCase
{
    use Shops;

    public function test_what_is_under_way_comes_first_then_rounds_then_the_latest_start(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $problem = new Problem($now, [
            new Activity('someday', 'stock', 60, skill: 'any'),
            new Activity('relaxed', 'far', 60, skill: 'any'),
            new Activity('long', 'near', 60, hold: 9_000, skill: 'any'),
            new Activity('short', 'near', 60, skill: 'any'),
            new Activity('begun', 'stock', 60, skill: 'any', startedAt: $now - 100),
        ], [$this->worker(1)], [], ['far' => new Due($now + 50_000), 'near' => new Due($now + 20_000), 'stock' => new Due(null, round: 1)]);
        self::assertSame(['begun', 'long', 'short', 'relaxed', 'someday'], self::ids($problem));
    }

    public function test_what_was_told_and_what_goes_ahead_comes_before_what_is_urgent_and_a_coat_follows_a_coat(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $problem = new Problem($now, [
            new Activity('urgent', 'near', 60, skill: 'any'),
            new Activity(
                'second', 'far', 60, skill: 'any', predecessors: [new Predecessor('first')],
                windows: [new Window('first', 600)],
            ),
            new Activity('first', 'far', 60, skill: 'any'),
            new Activity('needed', 'someday', 60, skill: 'any'),
            new Activity('pinned', 'someday', 60, skill: 'any', predecessors: [new Predecessor('needed')]),
            new Activity('told later', 'someday', 60, skill: 'any', announced: new Announced(1, $now + 300)),
            new Activity('told', 'someday', 60, skill: 'any', announced: new Announced(1, $now + 100, false)),
            new Activity('between', 'far', 60, skill: 'any'),
        ], [$this->worker(1)], [], ['near' => new Due($now + 2_000), 'far' => new Due($now + 90_000), 'someday' => new Due(null, round: 1)]);
        $keys = ['between' => 5, 'first' => 4, 'second' => 900, 'urgent' => 1] + Priority::keys($problem);
        self::assertSame(
            ['told', 'told later', 'needed', 'pinned', 'urgent', 'first', 'second', 'between'],
            self::ids($problem, $keys, ['needed', 'pinned']),
        );
    }

    public function test_of_two_that_are_as_urgent_the_one_that_begins_a_hold_goes_first(): void
    {
        $now = $this->at('2026-03-02 08:00');
        $problem = new Problem($now, [
            new Activity('plane', 'one', 360, skill: 'any'),
            new Activity('glue', 'other', 180, 960, 'any'),
            new Activity('level', 'other', 60, skill: 'any', predecessors: [new Predecessor('glue')]),
        ], [$this->worker(1)], []);
        self::assertSame(['glue', 'plane', 'level'], self::ids($problem, ['plane' => 7, 'glue' => 7, 'level' => 8]));
        self::assertSame(['plane', 'glue', 'level'], self::ids($problem, ['plane' => 6, 'glue' => 7, 'level' => 8]));
    }

    /**
     * The backward pass by hand: eight and a half hours a day are 42.5 h of a week's 168, so that an hour of work takes
     * 3.953 by the clock.
     */
    public function test_the_latest_start_leaves_room_for_work_hold_and_wait(): void
    {
        $due = $this->at('2026-03-30 08:00');
        $problem = new Problem($this->at('2026-03-02 08:00'), [
            new Activity('glue', 'one', 60, 2_880, 'any'),
            new Activity('plane', 'one', 120, skill: 'any', predecessors: [new Predecessor('glue', 700)]),
        ], [$this->worker(1)], [], ['one' => new Due($due)]);
        $clock = static fn (int $minutes): int => (int) ceil($minutes * 10_080 / 2_550);
        self::assertSame(
            ['glue' => $due - $clock(120) - 700 - 2_880 - $clock(60), 'plane' => $due - $clock(120)],
            self::sortedByKey(Priority::keys($problem)),
        );
    }

    public function test_a_predecessor_always_stands_before_its_successor(): void
    {
        mt_srand(61);
        for ($round = 0; $round < 30; $round++) {
            $activities = [];
            foreach (range(0, 25) as $step) {
                $before = $step === 0 ? [] : array_map(
                    static fn (int $earlier): Predecessor => new Predecessor("a{$earlier}", mt_rand(0, 2) * 500),
                    array_unique([mt_rand(0, $step - 1), mt_rand(0, $step - 1)]),
                );
                $activities[] = new Activity(
                    "a{$step}", 'b', mt_rand(0, 3) === 0 ? 0 : mt_rand(1, 300), mt_rand(0, 1) * 700, 'any', $before,
                );
            }
            shuffle($activities);
            $problem = new Problem(
                $this->at('2026-03-02 08:00'), $activities, [$this->worker(1)], [],
                ['b' => new Due($this->at('2026-06-01 17:00'))],
            );
            $position = array_flip(self::ids($problem));
            foreach ($problem->activities as $id => $activity) {
                foreach ($activity->predecessors as $before) {
                    self::assertLessThan($position[$id], $position[$before->activity]);
                }
            }
        }
    }

    /**
     * Bounds from outside: no plan is shorter than its critical path, and with one person none is shorter than all the
     * work.
     */
    public function test_plans_lie_between_their_bounds(): void
    {
        mt_srand(67);
        for ($round = 0; $round < 25; $round++) {
            $now = $this->at('2026-03-02 08:00');
            $activities = $durations = $before = [];
            foreach (range(0, 14) as $step) {
                $earlier = $step === 0 ? [] : ['a'.mt_rand(0, $step - 1)];
                $work = mt_rand(10, 200);
                $hold = mt_rand(0, 1) * mt_rand(0, 600);
                $activities[] = new Activity(
                    "a{$step}", 'b', $work, $hold, 'any',
                    array_map(static fn (string $id): Predecessor => new Predecessor($id), $earlier),
                    [new Demand('clamp', 1, mt_rand(0, 1) === 1)],
                );
                $durations["a{$step}"] = $work + $hold;
                $before["a{$step}"] = $earlier;
            }
            $one = new Problem($now, $activities, [$this->worker(1)], ['clamp' => 9]);
            $many = new Problem($now, $activities, array_map($this->worker(...), range(1, 15)), ['clamp' => 15]);
            $shortest = CriticalPath::through($durations, $before)->length;
            $alone = Builder::plan($one);
            $finish = (int) $alone->finishOf('b', $one);
            self::assertGreaterThanOrEqual($now + $shortest, $finish);
            self::assertGreaterThanOrEqual(
                (int) Builder::plan($many)->finishOf('b', $many), $finish,
                'more people are never slower here, where nothing else binds',
            );
            $lastWork = max(array_map(static fn ($assignment): int => $assignment->workEnd, $alone->assignments));
            self::assertGreaterThanOrEqual(
                array_sum(array_map(static fn (Activity $activity): int => $activity->work, $activities)),
                $this->calendar()->between($now, $lastWork),
            );
        }
    }

    public function test_a_build_with_something_unplanned_has_no_finish(): void
    {
        $problem = new Problem(
            0 + $this->at('2026-03-02 08:00'), [new Activity('a', 'b', 60, skill: 'magic')], [$this->worker(1)], [],
        );
        self::assertNull(Builder::plan($problem)->finishOf('b', $problem));
        self::assertNull(Builder::plan($problem)->finishOf('nothing', $problem));
    }

    /**
     * @param  array<string, int>|null  $keys  the usual ones if none are given
     * @param  list<string>  $ahead
     * @return list<string> in which order they are placed
     */
    private static function ids(Problem $problem, ?array $keys = null, array $ahead = []): array
    {
        $tables = new Tables($problem);
        $list = (new Order($tables))->of(
            Candidate::of($tables, $keys ?? Priority::keys($problem))->keys,
            array_fill_keys(array_map(static fn (string $id): int => $tables->index[$id], $ahead), true),
        );

        return array_map(static fn (int $index): string => (string) $tables->activities[$index]->id, $list);
    }

    /**
     * @param  array<string, int>  $keys
     * @return array<string, int>
     */
    private static function sortedByKey(array $keys): array
    {
        ksort($keys);

        return $keys;
    }
}
