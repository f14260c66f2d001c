<?php

declare(strict_types=1);

namespace Regimen\Tests\Timber;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Movement;
use Regimen\Timber\Species;

/**
 * Source: Wood Handbook, USDA Forest Products Laboratory, FPL-GTR-282 (2021) and 190 (2010); values marked in
 * CALCULATIONS as from memory.
 */
final class WoodTest extends TestCase
{
    #[TestWith([30.0, 6.2])]
    #[TestWith([40.0, 7.7])]
    #[TestWith([50.0, 9.2])]
    #[TestWith([60.0, 11.0])]
    #[TestWith([65.0, 12.0])]
    #[TestWith([70.0, 13.1])]
    #[TestWith([80.0, 16.0])]
    public function test_balance_moisture_at_21_degrees(float $humidity, float $percent): void
    {
        self::assertEqualsWithDelta($percent, BalanceMoisture::percent(21.1, $humidity), 0.1, '(memory)');
    }

    #[TestWith(['sugar maple', 0.00165, 0.00353])]
    #[TestWith(['black walnut', 0.00190, 0.00274])]
    public function test_movement_by_the_handbooks_coefficients(string $name, float $radial, float $tangential): void
    {
        $timber = Species::named($name);
        // The coefficient is what a millimetre moves for one per cent of moisture, at 10 %.
        self::assertEqualsWithDelta(
            $radial, Movement::between(1.0, 10.0, 11.0, $timber->radialShrinkage)->value, 0.00002, '(memory)',
        );
        self::assertEqualsWithDelta(
            $tangential, Movement::between(1.0, 10.0, 11.0, $timber->tangentialShrinkage)->value, 0.00002, '(memory)',
        );
        self::assertLessThan(
            0, Movement::between(300.0, 10.0, 6.0, $timber->radialShrinkage)->value, 'it shrinks when it dries',
        );
    }

    #[TestWith(['sugar maple', 12.0, 706.0])]
    #[TestWith(['sugar maple', 8.5, 697.0])]
    #[TestWith(['true mahogany', 12.0, 543.0])]
    public function test_density_at_a_moisture(string $name, float $moisture, float $density): void
    {
        self::assertEqualsWithDelta($density, Species::named($name)->density($moisture), 0.6);
    }

    public function test_above_fibre_saturation_timber_swells_no_more(): void
    {
        // Only the water's mass is added: 1000 G (1 + M / 100), G of true mahogany 0.45.
        self::assertEqualsWithDelta(
            [450 * 1.30, 450 * 1.45],
            [Species::named('true mahogany')->density(30.0), Species::named('true mahogany')->density(45.0)],
            1e-9,
        );
    }

    public function test_the_table_is_the_reference_table(): void
    {
        $lines = array_map(
            static fn (string $line): array => str_getcsv($line, ',', '"', ''),
            file(__DIR__.'/../reference/species.csv', FILE_IGNORE_NEW_LINES) ?: [],
        );
        $compared = 0;
        foreach (array_slice($lines, 1) as [$name, , $atTwelve, $basic, $radial, $tangential, $janka]) {
            if (! in_array($name, Species::names(), true)) {
                continue;
            }
            $timber = Species::named((string) $name);
            self::assertSame(
                [(float) $radial, (float) $tangential], [$timber->radialShrinkage, $timber->tangentialShrinkage],
                (string) $name,
            );
            $gravity = $atTwelve !== '' ? (float) $atTwelve : (float) $basic / (1 - 0.265 * 0.6 * (float) $basic);
            self::assertEqualsWithDelta(1120 * $gravity, $timber->density(12.0), 1e-6, (string) $name);
            self::assertSame((int) $janka, $timber->hardness, (string) $name);
            $compared++;
        }
        self::assertGreaterThan(20, $compared);
    }

    public function test_a_rift_sawn_face_moves_half_and_half(): void
    {
        self::assertEqualsWithDelta(7.35, Species::named('sugar maple')->shrinkage(0.5), 1e-9);
    }
}
