<?php

declare(strict_types=1);

namespace Regimen\Tests\Timber;

use PHPUnit\Framework\TestCase;
use Regimen\Timber\Plate;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** CALCULATIONS F4, by hand. */
final class PlateTest extends TestCase
{
    public function test_stiffness_goes_with_the_cube_of_the_thickness(): void
    {
        $plate = static fn (string $name, float $mm): Plate => new Plate(Species::named($name), Length::ofMillimetres($mm));
        // By hand: 11.88 GPa · (3 mm)³ / 12 = 26.73 N·m; across 0.078 of it.
        self::assertEqualsWithDelta(26.73, (float) $plate('Sitka spruce', 3)->along(), 0.005);
        self::assertEqualsWithDelta(26.73 * 0.078, (float) $plate('Sitka spruce', 3)->across(), 0.005);
        self::assertEqualsWithDelta(8.0, (float) $plate('Sitka spruce', 4)->along() / (float) $plate('Sitka spruce', 2)->along(), 1e-9);
        // A top of redcedar is as stiff as one of spruce where it is thicker by the cube root of the moduli.
        $cedar = $plate('western redcedar', 2.8)->asStiffAs($plate('Sitka spruce', 2.8));
        self::assertEqualsWithDelta(2.8 * (10.8 / 7.7) ** (1 / 3), $cedar?->mm, 1e-9);
        self::assertEqualsWithDelta((float) $plate('Sitka spruce', 2.8)->along(), (float) $plate('western redcedar', (float) $cedar?->mm)->along(), 1e-9, 'put back');
    }

    public function test_what_the_tables_do_not_have_is_unknown(): void
    {
        $ebony = new Plate(Species::named('African ebony'), Length::ofMillimetres(3));
        self::assertSame([null, null, null], [$ebony->along(), $ebony->across(), $ebony->asStiffAs($ebony)]);
        self::assertNull((new Plate(Species::named('red alder'), Length::ofMillimetres(3)))->across());
        self::assertEqualsWithDelta(Species::named('red alder')->density() * 0.003, (new Plate(Species::named('red alder'), Length::ofMillimetres(3)))->weight(), 1e-9);
    }
}
