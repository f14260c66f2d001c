<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Route\Air\Climate;
use Regimen\Route\Air\SprayHours;
use Regimen\Route\Air\SprayLimits;

/** Hours that were too damp or too cold on every day on which they were read are closed; one day says nothing. */
final class SprayHoursTest extends TestCase
{
    public function test_an_hour_is_closed_where_every_day_was_outside_the_limits(): void
    {
        $damp = new Climate(20.0, 82.0);
        $fine = new Climate(20.0, 50.0);
        $cold = new Climate(9.0, 50.0);
        $closed = SprayHours::closed([
            ['2026-03-16', 7, $damp], ['2026-03-17', 7, $damp], ['2026-03-16', 8, $damp], ['2026-03-17', 8, $fine],
            ['2026-03-17', 9, $damp], ['2026-03-17', 9, $cold],
            ['2026-03-16', 6, $cold], ['2026-03-17', 6, $damp],
        ], new SprayLimits(15.0, 70.0));
        self::assertSame([6, 7], array_keys($closed));
        self::assertStringContainsString('82', $closed[7]);
        self::assertSame([], SprayHours::closed([], new SprayLimits(15.0, 70.0)));
    }
}
