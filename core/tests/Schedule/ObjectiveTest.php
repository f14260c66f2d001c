<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Promise;
use Regimen\Schedule\Problem\Weights;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/**
 * Planning longer: never worse, the same for the same seed, every rule of the shop kept, and promises weighed as they
 * were given.
 */
final class ObjectiveTest extends TestCase
{
    use ImprovedShops;
    use Shops;

    public function test_an_immovable_date_goes_before_a_promise_and_a_promise_before_a_wish(): void
    {
        foreach ([
            [Promise::Immovable, Promise::Promised], [Promise::Promised, Promise::Wished],
            [Promise::Immovable, Promise::Wished],
        ] as [$firm, $soft]) {
            $now = $this->at('2026-03-18 08:00');
            $due = $this->at('2026-03-18 12:00');
            $activities = [
                new Activity('soft', 'soft', 240, skill: 'any'), new Activity('firm', 'firm', 240, skill: 'any'),
            ];
            $problem = new Problem(
                $now,
                $activities,
                [$this->worker(1)],
                [],
                ['soft' => new Due($due, promise: $soft), 'firm' => new Due($due, promise: $firm)],
            );
            $best = Improver::improve($problem, new Budget(60))->best;
            self::assertLessThan($best->assignments['soft']->start, $best->assignments['firm']->start);
            self::assertSame(['soft'], array_keys((new Objective)->lateness($problem, $best)));
        }
        self::assertSame([10, 3, 1], array_map((new Weights)->of(...), Promise::cases()));
    }

    public function test_the_objective_adds_lateness_time_in_the_shop_and_what_moves_near_today(): void
    {
        $now = $this->at('2026-03-18 08:00');
        $problem = new Problem(
            $now, [new Activity('a', 'one', 60, skill: 'any')], [$this->worker(1)], [], ['one' => new Due($now + 30)],
        );
        $patient = $problem->with(['weights' => new Weights(late: 0)]);
        $plan = Builder::plan($problem);
        self::assertSame(10_000 * 3 * 30 + 10 * 60, (new Objective)->cost($problem, $plan));
        self::assertSame(10 * 60 + 3 * 15, (new Objective(['a' => $now + 15]))->cost($patient, $plan));
        self::assertSame(
            600, (new Objective(['a' => $now + 100_000]))->cost($patient, $plan), 'what was planned far off may move',
        );
        self::assertSame(['one' => 30], (new Objective)->lateness($problem, $plan));
    }

    /** Small shops, one person: the order of their builds is all there is, so that every order can be tried. */
    public function test_small_shops_reach_the_best_of_all_orders(): void
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            mt_srand($seed);
            $now = $this->at('2026-03-18 08:00');
            $builds = range(1, 5);
            $activities = $dues = [];
            foreach ($builds as $build) {
                $activities[] = new Activity("b{$build}", "b{$build}", 60 * mt_rand(1, 7), skill: 'any');
                $dues["b{$build}"] = new Due(
                    $now + mt_rand(0, 4) * 1_440 + 500, promise: Promise::cases()[mt_rand(0, 2)],
                );
            }
            $problem = new Problem($now, $activities, [$this->worker(1)], [], $dues);
            $objective = new Objective;
            $best = PHP_INT_MAX;
            foreach (self::orders($builds) as $order) {
                $best = min(
                    $best,
                    $objective->cost(
                        $problem,
                        Builder::plan(
                            $problem,
                            array_map(static fn (int $build): Activity => $problem->activities["b{$build}"], $order),
                        ),
                    ),
                );
            }
            self::assertSame($best, Improver::improve($problem, new Budget(400), 1)->bestCost, "shop {$seed}");
        }
    }

    /**
     * @param  list<int>  $items
     * @return iterable<list<int>>
     */
    private static function orders(array $items): iterable
    {
        if (count($items) < 2) {
            yield $items;

            return;
        }
        foreach ($items as $index => $item) {
            $rest = $items;
            array_splice($rest, $index, 1);
            foreach (self::orders($rest) as $order) {
                yield [$item, ...$order];
            }
        }
    }
}
