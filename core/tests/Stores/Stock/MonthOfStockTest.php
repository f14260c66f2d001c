<?php

declare(strict_types=1);

namespace Regimen\Tests\Stores\Stock;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Stores\Stock\MonthOfStock;
use Regimen\Units\Money;

final class MonthOfStockTest extends TestCase
{
    /** Worked by hand. */
    public function test_the_end_of_a_month_is_the_beginning_of_the_next(): void
    {
        $months = MonthOfStock::all([['2025-12', 'arrived', 10_000], ['2025-12', 'taken', -2_501], ['2026-02', 'taken', -499], ['2026-02', 'arrived', 1]], '2026-03', 'EUR');
        self::assertSame(
            [['2025-12', 0, 7_499], ['2026-01', 7_499, 7_499], ['2026-02', 7_499, 7_001], ['2026-03', 7_001, 7_001]],
            array_map(static fn (MonthOfStock $one): array => [$one->month, $one->opening->minor, $one->closing->minor], $months),
        );
        self::assertSame([], MonthOfStock::all([], '2026-03', 'EUR'));
    }

    /** The other way: all changes at once. */
    public function test_whatever_moves_the_last_end_is_the_sum_of_everything(): void
    {
        $draw = new Randomizer(new Mt19937(3));
        for ($case = 0; $case < 60; $case++) {
            $entries = [];
            for ($at = 0; $at < 40; $at++) {
                $entries[] = [sprintf('202%d-%02d', $draw->getInt(3, 6), $draw->getInt(1, 12)), ['arrived', 'taken', 'counted'][$draw->getInt(0, 2)], $draw->getInt(-9_999, 9_999)];
            }
            $months = MonthOfStock::all($entries, '2026-12', 'EUR');
            self::assertSame(array_sum(array_column($entries, 2)), $months[count($months) - 1]->closing->minor);
            self::assertSame(array_sum(array_column($entries, 2)), array_sum(array_map(static fn (MonthOfStock $one): int => array_sum(array_map(static fn (Money $change): int => $change->minor, $one->changes)), $months)));
        }
    }
}
