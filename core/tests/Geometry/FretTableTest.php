<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Geometry\FretTable;
use Regimen\Instrument\Shape\FretWire;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;

/** Source: CALCULATIONS G1, the definition of equal temperament; published fret tables agree to 0.001 in. */
final class FretTableTest extends TestCase
{
    /** @return iterable<string, array{float, int, float}> scale, fret, position, in inches */
    public static function published(): iterable
    {
        foreach ([
            1 => 1.4312, 5 => 6.3966, 7 => 8.4808, 12 => 12.75, 22 => 18.3443, 24 => 19.125,
        ] as $fret => $position) {
            yield "25 1/2 in, fret {$fret}" => [25.5, $fret, $position];
        }
        yield '24 3/4 in, fret 12' => [24.75, 12, 12.375];
        yield '24 3/4 in, fret 22' => [24.75, 22, 17.8048];
        yield '30 in, fret 12' => [30.0, 12, 15.0];
    }

    #[DataProvider('published')]
    public function test_fret_positions(float $scale, int $fret, float $position): void
    {
        self::assertEqualsWithDelta(
            $position, FretTable::of(Length::ofInches($scale), 24)->position($fret)->inches(), 0.0001,
        );
    }

    public function test_each_fret_is_a_semitone_from_the_last(): void
    {
        $table = FretTable::of(Length::ofMillimetres(635), 24);
        for ($fret = 1; $fret <= 24; $fret++) {
            $ratio = (635 - $table->position($fret - 1)->mm) / (635 - $table->position($fret)->mm);
            self::assertEqualsWithDelta(2.0, $ratio ** 12, 1e-9);
        }
        self::assertCount(24, $table->positions());
    }

    public function test_it_counts_the_frets_that_a_board_holds(): void
    {
        $table = FretTable::of(Length::ofInches(25.5), 24);
        self::assertSame(
            22, $table->countWithin(Length::ofMillimetres(470)), 'fret 22 lies at 465.9 mm, fret 23 at 476.1',
        );
        self::assertSame(0, $table->countWithin(Length::ofMillimetres(10)));
    }

    public function test_fret_wire_is_every_width_with_its_overhang_and_a_spare_in_ten(): void
    {
        // CALCULATIONS G8, worked by hand: the board widens in a straight line, and the wire lies on the arc of a 12 in
        // radius.
        $specification = Specifications::sixString(
            ['frets' => 12, 'lastWidth' => '56', 'nutWidth' => '50', 'joinFret' => '12'],
        );
        $sum = 0.0;
        foreach (range(1, 12) as $fret) {
            $width = 50 + 6 * (1 - 2 ** (-$fret / 12)) / 0.5;
            $sum += 2 * 304.8 * asin($width / 2 / 304.8) + 4;
        }
        self::assertEqualsWithDelta(1.1 * $sum, FretWire::needed($specification)->mm, 1e-6);
        self::assertSame(1000.0, FretWire::length($specification)->mm, '761 mm are bought as two half metres');
        $zero = Specifications::sixString(
            ['frets' => 12, 'lastWidth' => '56', 'nutWidth' => '50', 'joinFret' => '12', 'zeroFret' => 'yes'],
        );
        self::assertEqualsWithDelta(
            1.1 * (2 * 304.8 * asin(25 / 304.8) + 4),
            FretWire::needed($zero)->mm - FretWire::needed($specification)->mm, 1e-6, 'a zero fret lies at the nut',
        );
    }
}
