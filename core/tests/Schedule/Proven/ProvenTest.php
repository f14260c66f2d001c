<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Proven;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/**
 * Small workshops against optima that CBC (COIN-OR, from Debian's package coinor-cbc) has proven for them once: they are
 * kept in core/tests/reference/small-shops.json, and some are proven again. The integer program knows no work
 * that is taken up again, so that a plan may be better. With REGIMEN_LONG all are looked at, else every third.
 */
final class ProvenTest extends TestCase
{
    /** What a minute of lateness weighs at the least: below an hour of it every promise is kept. */
    private const LATE = 600_000;

    public function test_the_plan_that_is_shown_is_nearly_the_best_and_keeps_the_promises_that_can_be_kept(): void
    {
        $gaps = [];
        $kept = $keepable = 0;
        foreach (self::optima(1) as $seed => $optimum) {
            $problem = SmallShops::drawn($seed);
            $found = self::found($problem, Standing::schedulesFor($problem));
            $gaps[] = $found / $optimum - 1;
            if ($optimum < self::LATE) {
                $keepable++;
                $kept += $found < self::LATE ? 1 : 0;
            }
        }
        sort($gaps);
        self::assertLessThanOrEqual(0.05, $gaps[intdiv(count($gaps), 2)], 'the median of '.json_encode($gaps));
        self::assertLessThanOrEqual(0.05, max($gaps), 'and none of them is far from it');
        self::assertGreaterThan(10, $keepable);
        self::assertGreaterThanOrEqual(0.95 * $keepable, $kept, 'of the shops whose promises can all be kept');
    }

    public function test_looked_for_longer_it_is_the_best_in_four_of_five(): void
    {
        $optima = self::optima(getenv('REGIMEN_LONG') === false ? 3 : 1);
        $best = 0;
        foreach ($optima as $seed => $optimum) {
            $best += self::found(SmallShops::drawn($seed), 3_000) <= $optimum ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.8 * count($optima), $best);
    }

    public function test_the_optima_are_what_the_solver_proves(): void
    {
        $quick = getenv('REGIMEN_LONG') === false ? [2 => true, 35 => true, 42 => true] : self::optima(1);
        foreach (array_intersect_key(self::optima(1), $quick) as $seed => $optimum) {
            self::assertSame($optimum, (new Optimum(SmallShops::drawn($seed)))->cost(240), "shop {$seed}");
        }
    }

    private static function found(Problem $problem, int $schedules): int
    {
        return Improver::improve($problem, new Budget($schedules))->bestCost;
    }

    /** @return array<int, int> by seed */
    private static function optima(int $every): array
    {
        $file = dirname(__DIR__, 2).'/reference/small-shops.json';
        $optima = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);

        return array_filter($optima, static fn (int $seed): bool => $seed % $every === 0, ARRAY_FILTER_USE_KEY);
    }
}
