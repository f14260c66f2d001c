<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\FigureBook;
use Regimen\Geometry\Bezier;
use Regimen\Geometry\MachinePasses;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Shape\InstrumentMass;
use Regimen\Instrument\Shape\Outlines;
use Regimen\Tests\Specifications;

/** Source: the check values of CALCULATIONS G2 to G20 and T6, and figures of plane geometry. */
final class OutlinesAndMassTest extends TestCase
{
    #[TestWith([35.0, 6.0, 6])]
    #[TestWith([36.0, 6.0, 6])]
    #[TestWith([0.0, 6.0, 0])]
    public function test_machine_passes(float $depth, float $perPass, int $passes): void
    {
        self::assertSame($passes, MachinePasses::count($depth, $perPass));
    }

    public function test_areas_and_perimeters_of_known_shapes(): void
    {
        $square = Polygon::of([new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1)]);
        self::assertSame([1.0, 4.0], [$square->area(), $square->perimeter()]);
        self::assertEqualsWithDelta(0.5, $square->centroid()->x, 1e-12);
        self::assertTrue($square->contains(new Point(0.5, 0.5)));
        self::assertFalse($square->contains(new Point(1.5, 0.5)));
        self::assertEqualsWithDelta(0.5, $square->distanceTo(new Point(0.5, 0.5)), 1e-12);
        $circle = Polygon::of(
            array_map(
                static fn (int $step): Point => new Point(
                    100 * cos(2 * M_PI * $step / 720), 100 * sin(2 * M_PI * $step / 720),
                ),
                range(0, 719),
            ),
        );
        self::assertEqualsWithDelta(M_PI * 10_000, $circle->area(), 1.0);
        self::assertEqualsWithDelta(2 * M_PI * 100, $circle->perimeter(), 0.01);
        self::assertEqualsWithDelta(0.0, $circle->asymmetry(), 0.01);
        self::assertLessThan(count($circle->points), count($circle->simplified(0.05)->points));
        self::assertEqualsWithDelta($circle->area(), $circle->simplified(0.05)->area(), 30.0);
    }

    public function test_curves_are_followed_within_their_tolerance(): void
    {
        // A quarter circle as the usual cubic; its middle lies at 45°, and no chord is farther off than asked for.
        $k = 4 / 3 * (sqrt(2) - 1) * 100;
        $points = [
            new Point(100, 0),
            ...Bezier::flatten(new Point(100, 0), new Point(100, $k), new Point($k, 100), new Point(0, 100), 0.05),
        ];
        for ($index = 1; $index < count($points); $index++) {
            $middle = new Point(
                ($points[$index - 1]->x + $points[$index]->x) / 2, ($points[$index - 1]->y + $points[$index]->y) / 2,
            );
            self::assertEqualsWithDelta(
                100.0, hypot($middle->x, $middle->y), 0.05 + 0.03, 'the cubic itself is within 0.03 of the circle',
            );
        }
    }

    /**
     * Wang's bound by hand: second differences of √20,000 mm, √(0.75 · 141.42 / 0.05) = 46.06, so 47 chords; a straight
     * line needs one.
     */
    public function test_a_curve_is_flattened_into_as_many_chords_as_it_needs(): void
    {
        $count = static fn (Point ...$points): int => count(Bezier::flatten(...[...$points, 0.05]));
        self::assertSame(47, $count(new Point(0, 0), new Point(0, 100), new Point(100, 100), new Point(100, 0)));
        self::assertSame(
            33,
            $count(new Point(0, 0), new Point(0, 0), new Point(50, 50), new Point(100, 100)),
            'the greater of both: √(0.75 · 70.71 / 0.05) = 32.6',
        );
        self::assertSame(1, $count(new Point(0, 0), new Point(10, 0), new Point(20, 0), new Point(30, 0)));
    }

    public function test_the_houses_outlines_are_closed_wide_as_said_and_do_not_cross_themselves(): void
    {
        foreach (BodyOutline::cases() as $outline) {
            $polygon = Outlines::of($outline, 330.0);
            self::assertEqualsWithDelta(330.0, $polygon->across()->length(), 1e-6);
            self::assertGreaterThan(0.45 * 330 * $polygon->along()->length(), $polygon->area());
            self::assertLessThan($polygon->along()->length() * 330, $polygon->area());
            self::assertNull($polygon->crossing());
        }
        // Two diagonals of a rectangle of 100 × 60 meet in its middle; a corner that touches a side crosses nothing.
        $bow = Polygon::of([new Point(0, 0), new Point(100, 60), new Point(100, 0), new Point(0, 60)])->crossing();
        self::assertEqualsWithDelta([50.0, 30.0], [$bow?->x, $bow?->y], 1e-9);
        self::assertNull(Polygon::of([new Point(0, 0), new Point(100, 0), new Point(50, 40), new Point(100, 80), new Point(0, 80)])->crossing());
        self::assertLessThan(0.5, Outlines::of(BodyOutline::Leaf, 400.0)->asymmetry(), 'the leaf is symmetric');
        self::assertEqualsWithDelta(
            Outlines::of(BodyOutline::River, 300)->area(), Outlines::of(BodyOutline::River, 300)->mirrored()->area(),
            1e-6,
        );
    }

    public function test_mass_is_volume_times_density_and_hardware(): void
    {
        $plain = Specifications::sixString(
            ['edges' => 'square', 'contours' => 'none', 'pickups' => 0, 'cavities' => []],
        );
        $mass = InstrumentMass::from($plain, 12.0);
        $body = $mass->parts[0];
        // Red alder weighs 0.41 · 1.12 at 12 %; square edges take nothing.
        $area = \Regimen\Instrument\Shape\BodyShape::from($plain)->outline->area();
        self::assertEqualsWithDelta($area * 45 * 1e-3 * 0.41 * 1.12, $body->grams, 0.01);
        self::assertLessThan(
            $mass->total(),
            InstrumentMass::from(Specifications::sixString(['weightRelief' => 'yes']), 12.0)->total(),
        );
        $heavyHead = InstrumentMass::from(Specifications::sixString(['tunerMass' => '90 g']), 12.0);
        self::assertLessThan($mass->centre(), $heavyHead->centre(), 'heavier tuners draw the balance to the head');
    }

    public function test_every_figure_is_finite_and_says_how_it_came_about(): void
    {
        foreach (['guitar', 'bass', 'flat-top'] as $type) {
            foreach (FigureBook::figures(
                Specifications::workings(
                    ['type' => $type, 'strings' => '', 'scale' => '', 'nutWidth' => '', 'layers' => null],
                ),
            ) as $figure) {
                self::assertTrue(is_finite($figure->value), $figure->key);
                self::assertNotSame('', $figure->formula, $figure->key);
                self::assertMatchesRegularExpression('/^[GSTEF]\d+$/', $figure->number);
                self::assertNotSame('', $figure->source());
            }
        }
    }
}
