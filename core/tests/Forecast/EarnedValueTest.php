<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\EarnedValue;
use Regimen\Forecast\Progress;
use Regimen\Units\Duration;

final class EarnedValueTest extends TestCase
{
    /** Source: the worked example of CALCULATIONS P6, in the terms of ANSI/EIA-748. */
    public function test_the_worked_example(): void
    {
        $value = new EarnedValue(100_000, 50_000, 40_000, 45_000);
        self::assertEqualsWithDelta(0.80, $value->scheduleIndex, 1e-9);
        self::assertEqualsWithDelta(0.889, $value->costIndex, 0.0005);
        self::assertEqualsWithDelta(112_500, $value->atCompletion, 1e-6);
        self::assertEqualsWithDelta(-12_500, $value->varianceAtCompletion, 1e-6);
        self::assertEqualsWithDelta(1.091, $value->toCompleteIndex, 0.0005);
        self::assertSame(-10_000.0, $value->scheduleVariance);
        self::assertSame(-5_000.0, $value->costVariance);
        self::assertEqualsWithDelta(67_500, $value->toComplete, 1e-6);
    }

    public function test_what_is_not_known_yet_is_not_a_number(): void
    {
        $value = new EarnedValue(60, 0, 0, 0);
        self::assertNull($value->scheduleIndex);
        self::assertNull($value->costIndex);
        self::assertNull($value->atCompletion);
        self::assertSame(1.0, $value->toCompleteIndex);
    }

    public function test_it_refuses_amounts_below_zero(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new EarnedValue(60, -1, 0, 0);
    }

    public function test_work_under_way_earns_at_most_nine_tenths(): void
    {
        $planned = Duration::ofMinutes(100);
        self::assertSame(40, Progress::earned($planned, Duration::ofMinutes(40), false)->minutes);
        self::assertSame(90, Progress::earned($planned, Duration::ofMinutes(400), false)->minutes);
        self::assertSame(100, Progress::earned($planned, Duration::ofMinutes(40), true)->minutes);
        self::assertSame(10, Progress::remaining($planned, Duration::ofMinutes(400))->minutes);
    }
}
