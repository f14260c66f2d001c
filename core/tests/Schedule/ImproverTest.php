<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;

/**
 * Planning longer: never worse, the same for the same seed, every rule of the shop kept, and promises weighed as they
 * were given.
 */
final class ImproverTest extends TestCase
{
    use ImprovedShops;
    use Shops;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 14; $seed++) {
            yield "shop {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_plan_that_was_looked_for_longer_is_never_worse_and_keeps_everything(int $seed): void
    {
        $problem = $this->shop($seed);
        $improved = Improver::improve($problem, new Budget(40), $seed);
        self::assertLessThanOrEqual($improved->firstCost, $improved->bestCost);
        self::assertSame((new Objective)->cost($problem, $improved->best), $improved->bestCost);
        self::assertEquals(
            $improved, Improver::improve($this->shop($seed), new Budget(40), $seed), 'the same shop, the same plan',
        );
        self::assertSame(40, $improved->schedules);
        self::assertCount(count($problem->activities), $improved->best->assignments);
        $this->verify($problem, $improved->best);
    }

    /**
     * One day is left before the shop closes for good: with the long job first, which is late most, two others find no
     * time at all.
     */
    public function test_a_plan_that_leaves_more_out_is_no_better_however_little_it_costs(): void
    {
        $closed = array_map(
            static fn (int $day): string => (
                new \DateTimeImmutable('2026-03-19')
            )->modify("+{$day} days")->format('Y-m-d'),
            range(0, 6_200),
        );
        $worker = new Worker(
            1,
            'W1',
            ['any'],
            Calendar::from(
                WorkingHours::of(array_fill(1, 5, [[480, 720], [750, 1020]]), $closed, $this->zone()),
                $this->at('2026-03-18 00:00'),
            ),
        );
        $activities = [
            new Activity('long', 'long', 480, skill: 'any'), new Activity('one', 'one', 240, skill: 'any'),
            new Activity('two', 'two', 240, skill: 'any'),
        ];
        $due = new Due($this->at('2026-03-10 08:00'));
        $problem = new Problem(
            $this->at('2026-03-18 08:00'), $activities, [$worker], [],
            ['long' => new Due(null), 'one' => $due, 'two' => $due],
        );
        $longFirst = Builder::byKeys($problem, ['long' => 0, 'one' => 1, 'two' => 2]);
        $longLast = ['long' => 2, 'one' => 0, 'two' => 1];
        self::assertSame(
            [2, 1],
            [count($longFirst->unplanned), count(Builder::byKeys($problem, $longLast)->unplanned)],
        );
        self::assertLessThan(
            (new Objective)->cost($problem, Builder::byKeys($problem, $longLast)),
            (new Objective)->cost($problem, $longFirst), 'what is not planned is not late',
        );
        for ($seed = 1; $seed <= 8; $seed++) {
            self::assertCount(1, Improver::improve($problem, new Budget(60), $seed, keys: $longLast)->best->unplanned);
        }
    }

    public function test_nothing_to_do_and_nothing_to_change_come_to_an_end(): void
    {
        $empty = new Problem($this->at('2026-03-18 08:00'), [], [$this->worker(1)], []);
        self::assertSame(
            [[], 1],
            [
                Improver::improve($empty, new Budget(50))->best->assignments,
                Improver::improve($empty, new Budget(50))->schedules,
            ],
        );
        $one = new Problem(
            $this->at('2026-03-18 08:00'), [new Activity('a', 'one', 60, skill: 'any')], [$this->worker(1)], [],
        );
        $improved = Improver::improve($one, new Budget(40));
        self::assertSame([1, $improved->firstCost], [$improved->schedules, $improved->bestCost]);
    }

    public function test_more_looking_helps_somewhere_and_hurts_nowhere(): void
    {
        $better = 0;
        for ($seed = 1; $seed <= 10; $seed++) {
            $costs = array_map(
                fn (int $schedules): int => Improver::improve($this->shop($seed), new Budget($schedules), 7)->bestCost,
                [1, 15, 60],
            );
            self::assertSame($costs, array_reverse(self::ascending($costs)));
            $better += $costs[2] < $costs[0] ? 1 : 0;
        }
        self::assertGreaterThan(5, $better);
    }

    public function test_what_nobody_can_do_stays_unplanned_and_the_rest_is_improved(): void
    {
        $now = $this->at('2026-03-18 08:00');
        $problem = new Problem(
            $now,
            [new Activity('a', 'one', 60, skill: 'magic'), new Activity('b', 'two', 60, skill: 'any')],
            [$this->worker(1)],
            [],
        );
        $improved = Improver::improve($problem, new Budget(10));
        self::assertSame(
            [['a'], ['b']],
            [array_keys($improved->best->unplanned), array_keys($improved->best->assignments)],
        );
    }

    /** Minute by minute, without anything that planned it. */
    private function verify(Problem $problem, Plan $plan): void
    {
        $use = $busy = [];
        foreach ($plan->assignments as $id => $one) {
            $activity = $problem->activities[$id];
            self::assertGreaterThanOrEqual($problem->now, $one->start, 'nothing is planned before now');
            self::assertSame($activity->hold, $one->finish - $one->workEnd);
            foreach ($activity->predecessors as $before) {
                self::assertGreaterThanOrEqual(
                    $plan->assignments[$before->activity]->finish + $before->lag, $one->start,
                );
            }
            self::assertSame($activity->work, $this->workedBetween($one, $busy));
            foreach ($activity->demands as $demand) {
                $taken = $demand->throughHold || $one->sittings === []
                    ? [[$one->start, $demand->throughHold ? $one->finish : $one->workEnd]]
                    : $one->sittings;
                foreach ($taken as [$from, $to]) {
                    for ($minute = $from; $minute < $to; $minute++) {
                        $use[$demand->resource][$minute] = ($use[$demand->resource][$minute] ?? 0) + $demand->quantity;
                    }
                }
            }
        }
        foreach ($busy as $minutes) {
            self::assertSame(1, max($minutes), 'one thing at a time');
        }
        foreach ($use as $resource => $minutes) {
            self::assertLessThanOrEqual($problem->capacities[$resource], max($minutes));
        }
    }

    /** @param  array<int, array<int, int>>  $busy */
    private function workedBetween(Assignment $one, array &$busy): int
    {
        $worked = 0;
        $minutes = array_merge(...array_map(
            static fn (array $sitting): array => range($sitting[0], $sitting[1] - 1),
            $one->sittings ?: [[$one->start, $one->workEnd]],
        ));
        foreach ($minutes as $minute) {
            $local = (new \DateTimeImmutable('@'.$minute * 60))->setTimezone($this->zone());
            $of = 60 * (int) $local->format('G') + (int) $local->format('i');
            if ((int) $local->format('N') < 6 && (($of >= 480 && $of < 720) || ($of >= 750 && $of < 1020))) {
                $worked++;
                $busy[$one->worker][$minute] = ($busy[$one->worker][$minute] ?? 0) + 1;
            }
        }

        return $worked;
    }

    /** What the rules of the search bring together: without any of them it is a hundredth more at the least. */
    public function test_what_the_search_finds_in_two_dozen_shops_is_not_lost_again(): void
    {
        $costs = array_map(
            fn (int $seed): int => Improver::improve($this->shop($seed), new Budget(150))->bestCost, range(1, 24),
        );
        self::assertLessThanOrEqual(23_100_000_000, array_sum($costs));
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private static function ascending(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
