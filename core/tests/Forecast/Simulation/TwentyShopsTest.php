<?php

declare(strict_types=1);

namespace Regimen\Tests\Forecast\Simulation;

use PHPUnit\Framework\TestCase;
use Regimen\Forecast\Honesty\Calibration;

/** Forecasts held against shops whose truth is known: twenty of them with twenty builds each, a slice of them in every run. */
final class TwentyShopsTest extends TestCase
{
    private const BUILDS = 20;

    public function test_eight_in_ten_end_where_eight_in_ten_were_to_end(): void
    {
        $whole = (bool) getenv('REGIMEN_LONG');
        $given = [];
        // Seeds with which no constant was chosen.
        foreach (range(101, $whole ? 120 : 104) as $seed) {
            array_push($given, ...(new KnownShop($seed, self::BUILDS))->forecasts($whole ? 200 : 80));
        }
        $all = new Calibration($given);
        $this->assertSame(count($given), $all->n);
        // Of all twenty between 75 and 85 %; of a slice as far off as chance allows.
        [$low, $high] = $whole ? [0.75, 0.85] : Calibration::byChance(0.8, $all->n);
        $held = (float) $all->held(80);
        $this->assertTrue($held >= $low && $held <= $high, "held {$held}");
        $this->assertEqualsWithDelta(0.5, $all->held(50), $whole ? 0.06 : 0.13);
        $this->assertLessThan((float) $all->plainErrorInDays(), $all->errorInDays(), 'what was learned beats the plain estimates');
        $this->assertLessThan(0.25, $all->brier());
    }
}
