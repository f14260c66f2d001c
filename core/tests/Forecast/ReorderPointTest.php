<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\LeadTime;
use Regimen\Forecast\ReorderPoint;

final class ReorderPointTest extends TestCase
{
    /** Source: CALCULATIONS I6, check values. */
    public function test_the_reorder_point_and_the_lot_of_the_handbook(): void
    {
        self::assertEqualsWithDelta(46.7, ReorderPoint::of(2, 1, 16, 4, 1.645)->amount, 0.05);
        self::assertEqualsWithDelta(200, ReorderPoint::lot(1_000, 10, 0.5), 1e-9);
    }

    /** Without any spread it is what is used while an order is on its way. */
    public function test_what_is_used_evenly_and_comes_on_its_day_needs_no_reserve(): void
    {
        self::assertEqualsWithDelta(32, ReorderPoint::of(2, 0, 16, 0)->amount, 1e-12);
        self::assertEqualsWithDelta(0, ReorderPoint::of(0, 0, 16, 4)->amount, 1e-12, 'what is not used is not ordered');
    }

    /** Mean and standard deviation of the days recomputed by hand: 73 takings of 5 in 365 days are 1 a day, variance 5·1 − 1 = 4. */
    public function test_it_follows_from_what_was_used(): void
    {
        $time = LeadTime::of(14, 28, []);
        $spread = ($time->ninthDecile() - 14) / 1.2815516;
        $expected = 14 + 1.6448536 * sqrt(14 * 4 + $spread ** 2);
        self::assertEqualsWithDelta($expected, ReorderPoint::fromUse(365.0, 73 * 25.0, 365, $time)->amount, 1e-5);
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([static fn () => ReorderPoint::of(-1, 0, 1, 0), static fn () => ReorderPoint::of(1, 0, -1, 0), static fn () => ReorderPoint::lot(1, 1, 0), static fn () => ReorderPoint::lot(-1, 1, 1)] as $wrong) {
            try {
                $wrong();
                self::fail('It was taken.');
            } catch (\InvalidArgumentException) {
                self::addToAssertionCount(1);
            }
        }
    }
}
