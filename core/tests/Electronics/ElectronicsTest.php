<?php

declare(strict_types=1);

namespace Regimen\Tests\Electronics;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Electronics\ElectricWords;
use Regimen\Electronics\Loading;
use Regimen\Electronics\PreferredValues;
use Regimen\Figures\TapPosition;
use Regimen\Figures\TapTest;
use Regimen\Instrument\Electrics\SwitchPosition;
use Regimen\Tests\Specifications;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Scalar;

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
        $test = TapTest::from(
            Specifications::sixString(
                [
                    'pickups' => [
                        ['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.8k'],
                        ['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.4k'],
                    ],
                ],
            ),
        );
        self::assertSame(
            [['neck'], ['neck', 'bridge'], ['bridge']],
            array_map(static fn (TapPosition $one): array => $one->sounds->pickups, $test),
        );
        self::assertSame([['bridge'], [], ['neck']], array_column($test, 'silent'));
        self::assertEqualsWithDelta(7.8 * 8.4 / 16.2, $test[1]->kilohms, 1e-9);
        self::assertEqualsWithDelta(8.4 * 500 / 508.4, $test[2]->atJack, 1e-9, 'the volume pot lies in parallel');
    }

    /** CALCULATIONS E2: in parallel, in series, split coils half; both coils of a humbucker in parallel a quarter. */
    #[TestWith(['neck + bridge', 'neck + bridge', 7.8 * 8.4 / 16.2])]
    #[TestWith(['Neck & bridge', 'neck + bridge', 7.8 * 8.4 / 16.2])]
    #[TestWith(['neck in parallel with bridge', 'neck + bridge', 7.8 * 8.4 / 16.2])]
    #[TestWith(['neck in series with bridge', 'neck in series with bridge', 16.2])]
    #[TestWith(['neck series bridge', 'neck in series with bridge', 16.2])]
    #[TestWith(['bridge split', 'bridge split', 4.2])]
    #[TestWith(['neck split + bridge split', 'neck split + bridge split', 3.9 * 4.2 / 8.1])]
    #[TestWith(['bridge coils in parallel', 'bridge coils in parallel', 2.1])]
    #[TestWith(['neck split in series with bridge', 'neck split in series with bridge', 12.3])]
    public function test_a_position_may_be_parallel_in_series_or_split(
        string $typed,
        string $words,
        float $kilohms,
    ): void {
        $position = SwitchPosition::parse($typed);
        self::assertSame($words, $position->inWords());
        self::assertSame($words, SwitchPosition::parse($words)->inWords());
        $test = TapTest::from(
            Specifications::sixString(
                [
                    'switch' => $typed,
                    'pots' => '',
                    'pickups' => [
                        ['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.8k'],
                        ['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.4k'],
                    ],
                ],
            ),
        );
        self::assertEqualsWithDelta($kilohms, $test[0]->kilohms, 1e-9);
        self::assertEqualsWithDelta($kilohms * 500 / ($kilohms + 500), $test[0]->atJack, 1e-9);
    }

    #[TestWith(['neck +'])]
    #[TestWith(['+ bridge'])]
    #[TestWith(['neck in series with'])]
    #[TestWith(['neck * bridge'])]
    public function test_half_a_position_is_none(string $typed): void
    {
        $this->expectException(InvalidQuantity::class);
        SwitchPosition::parse($typed);
    }

    public function test_a_pickup_that_the_instrument_has_not_makes_the_position_unknown_and_the_rest_is_tested(): void
    {
        $test = TapTest::from(
            Specifications::sixString(
                [
                    'switch' => 'neck, neck + middle, middle',
                    'pickups' => [['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.8k']],
                ],
            ),
        );
        self::assertEqualsWithDelta(7.8, $test[0]->kilohms, 1e-9);
        self::assertSame([null, null], [$test[1]->kilohms, $test[2]->kilohms]);
        self::assertSame([null, null], [$test[1]->atJack, $test[2]->atJack]);
        self::assertSame([[], [], ['neck']], array_column($test, 'silent'));
    }

    public function test_a_resistance_that_is_unknown_makes_the_whole_unknown(): void
    {
        $test = TapTest::from(
            Specifications::sixString(
                [
                    'switch' => 'neck, neck + bridge',
                    'pickups' => [
                        ['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.8k'],
                        ['place' => 'bridge', 'kind' => 'humbucker'],
                    ],
                ],
            ),
        );
        self::assertNull($test[1]->kilohms);
        self::assertNull($test[1]->atJack);
        self::assertEqualsWithDelta(7.8, $test[0]->kilohms, 1e-9);
    }

    #[TestWith([0.25, '250 Ω'])]
    #[TestWith([0.004, '4 Ω'])]
    #[TestWith([0.4999, '499.9 Ω'])]
    #[TestWith([1.0, '1 kΩ'])]
    #[TestWith([8.25, '8.25 kΩ'])]
    #[TestWith([999.9, '999.9 kΩ'])]
    #[TestWith([1000.0, '1 MΩ'])]
    public function test_a_resistance_is_said_in_the_unit_it_is_read_in(float $kilohms, string $words): void
    {
        self::assertSame($words, ElectricWords::resistance($kilohms));
        self::assertEqualsWithDelta(
            $kilohms, Scalar::parse($words, Scalar::RESISTANCE, 'k', []), 1e-9, 'and reads back',
        );
    }

    #[TestWith([0.47, '470 pF'])]
    #[TestWith([22.0, '22 nF'])]
    #[TestWith([4700.0, '4.7 µF'])]
    public function test_a_capacitance_is_said_in_the_unit_it_is_read_in(float $nanofarads, string $words): void
    {
        self::assertSame($words, ElectricWords::capacitance($nanofarads));
        self::assertEqualsWithDelta(
            $nanofarads, Scalar::parse($words, Scalar::CAPACITANCE, 'nf', []), 1e-9, 'and reads back',
        );
    }

    public function test_pots_follow_the_pickups(): void
    {
        self::assertSame([500.0, 500.0], Specifications::sixString()->electrics->pots);
        self::assertSame([250.0, 250.0], Specifications::sixString(['pickups' => 3])->electrics->pots);
        self::assertSame([], Specifications::sixString(['pickups' => 0])->electrics->pots);
        self::assertCount(5, Specifications::sixString(['pickups' => 3])->electrics->switch);
    }
}
