<?php

declare(strict_types=1);

namespace Regimen\Tests\Electronics;

use PHPUnit\Framework\TestCase;
use Regimen\Electronics\Loading;
use Regimen\Electronics\PreferredValues;
use Regimen\Electronics\TapTest;
use Regimen\Tests\Specifications;

/** Source: Ohm's law; IEC 60063 for the series; CALCULATIONS E1 to E4. */
final class ElectronicsTest extends TestCase
{
    public function test_resistances_together(): void
    {
        self::assertEqualsWithDelta(4.0, Loading::parallel([8.0, 8.0]), 1e-12);
        self::assertEqualsWithDelta(16.0, Loading::series([8.0, 8.0]), 1e-12);
        // 8 kΩ and 22 nF: 1 / (2π · 8000 · 22e-9) = 904.3 Hz.
        self::assertEqualsWithDelta(904.3, Loading::cutOff(8.0, 22.0), 0.1);
    }

    public function test_the_preferred_series(): void
    {
        self::assertSame([1.0, 1.5, 2.2, 3.3, 4.7, 6.8], PreferredValues::series(6));
        self::assertSame([1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2], PreferredValues::series(12));
        self::assertCount(24, PreferredValues::series(24));
        self::assertEqualsWithDelta(22.0, PreferredValues::nearest(20.0, 6), 1e-9);
        self::assertEqualsWithDelta(100.0, PreferredValues::nearest(95.0, 6), 1e-9);
        self::assertEqualsWithDelta(0.047, PreferredValues::nearest(0.05, 6), 1e-9);
    }

    public function test_the_tap_test_says_what_must_sound_and_what_must_not(): void
    {
        $test = TapTest::of(Specifications::sixString(['pickups' => [['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.8k'], ['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.4k']]]));
        self::assertSame([['neck'], ['neck', 'bridge'], ['bridge']], array_column($test, 'sounds'));
        self::assertSame([['bridge'], [], ['neck']], array_column($test, 'silent'));
        self::assertEqualsWithDelta(7.8 * 8.4 / 16.2, $test[1]['kilohms'], 1e-9);
    }

    public function test_pots_follow_the_pickups(): void
    {
        self::assertSame([500.0, 500.0], Specifications::sixString()->electrics->pots);
        self::assertSame([250.0, 250.0], Specifications::sixString(['pickups' => 3])->electrics->pots);
        self::assertSame([], Specifications::sixString(['pickups' => 0])->electrics->pots);
        self::assertCount(5, Specifications::sixString(['pickups' => 3])->electrics->switch);
    }
}
