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
use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Instrument\Shape\BridgeHeight;
use Regimen\Instrument\Shape\FretMarkers;
use Regimen\Instrument\Shape\HeadstockShape;
use Regimen\Instrument\Shape\InstrumentMass;
use Regimen\Instrument\Shape\NeckShape;
use Regimen\Instrument\Shape\Outlines;
use Regimen\Instrument\Shape\ScaleLine;
use Regimen\Instrument\Shape\StringSpread;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;

/** Source: the check values of CALCULATIONS G2 to G20 and T6, and figures of plane geometry. */
final class GeometryTest extends TestCase
{
    public function test_the_board_widens_in_a_straight_line_and_is_symmetric(): void
    {
        $board = BoardShape::from(
            Specifications::sixString(['nutWidth' => '43', 'lastWidth' => '57', 'frets' => 24, 'joinFret' => '18']),
        );
        self::assertEqualsWithDelta(43.0, $board->widthAt(0), 1e-9);
        self::assertEqualsWithDelta(57.0, $board->widthAt(Length::ofInches(19.125)->mm), 1e-3);
        self::assertEqualsWithDelta((43 + $board->widthAt(200)) / 2, $board->widthAt(100), 1e-9);
    }

    #[TestWith([12.0, 1.289])]
    #[TestWith([7.25, 2.141])]
    #[TestWith([20.0, 0.772])]
    public function test_what_a_radius_takes_from_a_board_of_56_mm(float $inches, float $drop): void
    {
        self::assertEqualsWithDelta($drop, BoardShape::drop($inches * 25.4, 28.0), 0.0005);
    }

    public function test_a_compound_radius_has_its_ends_and_changes_evenly(): void
    {
        $board = BoardShape::from(Specifications::sixString(['radius' => '10"', 'radiusEnd' => '16"']));
        self::assertEqualsWithDelta(254.0, $board->radiusAt(0), 1e-9);
        self::assertEqualsWithDelta(406.4, $board->radiusAt($board->length), 1e-9);
        self::assertEqualsWithDelta(330.2, $board->radiusAt($board->length / 2), 1e-9);
    }

    public function test_the_edge_left_of_a_six_millimetre_board(): void
    {
        // G5: 6 mm board, 12 in, 56 mm wide: 4.711 mm at the edge before the slots.
        $specification = Specifications::sixString(
            ['nutWidth' => '50', 'lastWidth' => '56', 'slotDepth' => '2.2', 'frets' => 22],
        );
        $last = Length::ofInches(18.3443)->mm;
        self::assertEqualsWithDelta(
            2.511, BoardShape::from($specification, SlotsSawn::FromTheArc)->edgeLeft($last)->value, 0.001,
        );
        $flat = BoardShape::from($specification);
        self::assertEqualsWithDelta(
            2.2 - 1.289, $flat->slotAtEdge($last), 0.001,
            'sawn from the flat it loses at the edge what the radius takes',
        );
        self::assertEqualsWithDelta(4.711 - (2.2 - 1.289), $flat->edgeLeft($last)->value, 0.001);
        self::assertSame(
            0.0,
            BoardShape::from(
                Specifications::sixString(['lastWidth' => '56', 'slotDepth' => '1', 'tangDepth' => '0.9']),
            )->slotAtEdge($last),
            'a shallow slot is gone there, not less than nothing',
        );
    }

    public function test_markers_sit_midway_and_the_octave_pair_loses_what_it_should(): void
    {
        $specification = Specifications::sixString(
            ['markerOffset' => '14.3', 'markerDiameter' => '6', 'radius' => '12"'],
        );
        $markers = FretMarkers::from($specification);
        $places = $markers->places();
        self::assertSame([3, 5, 7, 9, 12, 12, 15, 17, 19, 21], array_column($places, 'fret'));
        $frets = $specification->frets();
        self::assertEqualsWithDelta(($frets->position(2)->mm + $frets->position(3)->mm) / 2, $places[0]['x'], 1e-9);
        self::assertEqualsWithDelta(0.491, $markers->lost($places[4]['x'], $places[4]['y']), 0.0005);
        self::assertEqualsWithDelta(
            1.5 - 0.491, $markers->left($places[4]['x'], $places[4]['y']), 0.0005, 'set flush with the flat',
        );
    }

    public function test_neck_thickness_and_what_stays_under_the_rod(): void
    {
        $specification = Specifications::sixString();
        $neck = NeckShape::from($specification);
        self::assertEqualsWithDelta(21.5, $neck->thicknessAt($specification->frets()->position(1)->mm), 1e-9);
        self::assertEqualsWithDelta(22.5, $neck->thicknessAt($specification->frets()->position(12)->mm), 1e-9);
        self::assertEqualsWithDelta(
            6.5, $neck->leftUnderRod($specification->frets()->position(1)->mm)->value, 1e-9, 'G10: 21.5 − 6 − 9',
        );
        $bent = NeckShape::from(Specifications::sixString(['depthCurve' => '5/23']));
        self::assertEqualsWithDelta(23.0, $bent->thicknessAt($specification->frets()->position(5)->mm), 1e-9);
    }

    public function test_a_round_back_has_the_area_of_half_an_ellipse(): void
    {
        $specification = Specifications::sixString(
            [
                'profile' => 'C', 'nutWidth' => '44', 'lastWidth' => '44', 'thicknessFirst' => '22',
                'thicknessTwelfth' => '22',
            ],
        );
        $area = NeckShape::from($specification)->areaAt(100.0);
        self::assertEqualsWithDelta(M_PI * 22 * 16 / 2, $area, 0.005 * $area);
        $areas = array_map(
            static fn (string $profile): float => NeckShape::from(
                Specifications::sixString(['profile' => $profile]),
            )->areaAt(100.0),
            ['V', 'C', 'D'],
        );
        self::assertSame([0, 1, 2], array_keys($areas));
        self::assertTrue($areas[0] < $areas[1] && $areas[1] < $areas[2], 'V is slimmer than C, C than D');
        $slim = NeckShape::from(Specifications::sixString(['asymmetry' => '1']))->backAt(100.0);
        self::assertLessThan($slim[18]->y, $slim[6]->y, 'slimmer on the treble side');
    }

    public function test_the_stock_of_an_angled_headstock(): void
    {
        // G11: 180 mm at 10° take 31.26 mm and the thickness.
        $head = HeadstockShape::from(
            Specifications::sixString(['headLength' => '180', 'headAngle' => '10', 'headThickness' => '15']),
        );
        self::assertEqualsWithDelta(31.26 + 15 * cos(deg2rad(10)), $head->stockDepth()->value, 0.005);
    }

    public function test_break_angles_follow_from_the_height_lost(): void
    {
        // CALCULATIONS G12: slot 1.5 over a 6 mm board, d 60, p 8: 9.43° at 10°; flat with a step of 14: 7.13°.
        $like = [
            'crownHeight' => '1.2', 'nutAction' => '0.3', 'boardThickness' => '6', 'firstPost' => '60',
            'postHeight' => '8',
        ];
        self::assertEqualsWithDelta(
            9.43,
            HeadstockShape::from(
                Specifications::sixString([...$like, 'headstock' => 'angled', 'headAngle' => '10']),
            )->breakAngle(5),
            0.005,
        );
        self::assertEqualsWithDelta(
            7.13,
            HeadstockShape::from(
                Specifications::sixString([...$like, 'headstock' => 'flat', 'headStep' => '14']),
            )->breakAngle(5),
            0.005,
        );
        self::assertEqualsWithDelta(
            rad2deg(atan((14 + 1.2 - 8) / 60)),
            HeadstockShape::from(
                Specifications::sixString([...$like, 'headstock' => 'flat', 'headStep' => '14', 'zeroFret' => 'yes']),
            )->breakAngle(5),
            1e-9,
            'over a zero fret the string lies on its crown',
        );
        self::assertEqualsWithDelta(
            9.43,
            HeadstockShape::from(
                Specifications::sixString([...$like, 'headstock' => 'angled', 'headAngle' => '10', 'veneer' => '2']),
            )->breakAngle(5),
            0.005,
            'a veneer is within the thickness',
        );
        $flat = HeadstockShape::from(
            Specifications::sixString(
                [
                    'headstock' => 'flat', 'headStep' => '12', 'postHeight' => '6', 'firstPost' => '40',
                    'crownHeight' => '1', 'nutAction' => '0.2',
                ],
            ),
        );
        self::assertEqualsWithDelta(
            rad2deg(atan(7.2 / 40)), $flat->breakAngle(5), 1e-9, 'the lowest string goes to the nearest post',
        );
        self::assertLessThan($flat->breakAngle(5), $flat->breakAngle(0));
        $guided = HeadstockShape::from(
            Specifications::sixString(['headstock' => 'flat', 'guided' => '2', 'guideDrop' => '5', 'guideAt' => '35']),
        );
        self::assertEqualsWithDelta(rad2deg(atan(5 / 35)), $guided->breakAngle(1), 1e-9);
        self::assertSame(
            [-42.0, -60.0],
            [
                HeadstockShape::from(
                    Specifications::sixString(['posts' => '60/-9 60/-5 60/-1 60/1 60/5 42/9']),
                )->posts[5]->x,
                HeadstockShape::from(
                    Specifications::sixString(['posts' => '60/-9 60/-5 60/-1 60/1 60/5 42/9']),
                )->posts[0]->x,
            ],
        );
    }

    public function test_equal_gaps_fill_the_nut(): void
    {
        // G13: the sum of gaps + gauges + 2 m is the nut's width, and all gaps are the same.
        $specification = Specifications::sixString(['nutWidth' => '43', 'nutMargin' => '3']);
        $places = StringSpread::from($specification)->nut;
        $gauges = array_map(static fn ($gauge): float => $gauge->diameter->mm, $specification->stringing->gauges);
        $gaps = [];
        for ($string = 1; $string < 6; $string++) {
            $gaps[] = $places[$string] - $places[$string - 1] - ($gauges[$string] + $gauges[$string - 1]) / 2;
        }
        self::assertEqualsWithDelta(43.0, array_sum($gaps) + array_sum($gauges) + 6.0, 1e-9);
        self::assertEqualsWithDelta(min($gaps), max($gaps), 1e-9);
        $even = StringSpread::from(Specifications::sixString(['spacing' => 'equal_centres']))->nut;
        self::assertEqualsWithDelta($even[1] - $even[0], $even[5] - $even[4], 1e-9);
        $left = StringSpread::from(Specifications::sixString(['hand' => 'left']));
        self::assertGreaterThan(0, $left->nut[0], 'the treble changes sides');
        self::assertEqualsWithDelta(
            52.0,
            StringSpread::from(Specifications::sixString(['bridgeSpread' => '52']))->spreadAt(647.7),
            1e-9,
        );
    }

    public function test_courses_come_in_pairs(): void
    {
        $twelve = StringSpread::from(Specifications::sixString(['strings' => 12, 'nutWidth' => '48']))->nut;
        self::assertEqualsWithDelta(2.0, $twelve[1] - $twelve[0], 1e-9);
        $typed = ['strings' => 12, 'nutWidth' => '48', 'nutMargin' => '3'];
        $gauges = array_map(
            static fn ($gauge): float => $gauge->diameter->mm, Specifications::sixString($typed)->stringing->gauges,
        );
        $rooms = static fn (array $places): array => array_map(
            static fn (int $course): float => $places[2 * $course] - $places[2 * $course - 1]
                - ($gauges[2 * $course] + $gauges[2 * $course - 1]) / 2,
            range(1, 5),
        );
        $equal = StringSpread::from(Specifications::sixString($typed))->nut;
        self::assertEqualsWithDelta(min($rooms($equal)), max($rooms($equal)), 1e-9, 'equal gaps between the courses');
        $even = StringSpread::from(Specifications::sixString([...$typed, 'spacing' => 'equal_centres']))->nut;
        self::assertEqualsWithDelta($even[2] - $even[0], $even[10] - $even[8], 1e-9);
        foreach ([$equal, $even] as $places) {
            self::assertEqualsWithDelta(
                [-24 + 3 + $gauges[0] / 2, 24 - 3 - $gauges[11] / 2], [$places[0], $places[11]], 1e-9,
                'G13: both outer edges lie at the margin, each with its own gauge',
            );
        }
    }

    public function test_the_outer_edges_lie_at_the_margin_whatever_the_gauges(): void
    {
        foreach (['equal_gaps', 'equal_centres'] as $spacing) {
            $places = StringSpread::from(
                Specifications::sixString(
                    ['spacing' => $spacing, 'gauges' => '9 13 17 26w 36w 80w', 'nutMargin' => '2.5'],
                ),
            )->nut;
            self::assertEqualsWithDelta(
                [2.5, 2.5], [21.5 + $places[0] - 0.009 * 12.7, 21.5 - $places[5] - 0.080 * 12.7], 1e-9, $spacing,
            );
        }
    }

    public function test_saddles_stand_behind_the_scale_line_by_their_compensation(): void
    {
        $line = ScaleLine::from(Specifications::sixString());
        $kinds = ['10 13 17 26w 36w 46w', '12 16 24w 32w 42w 53w', '9 11 16 24 32 42', '10w 13w 17w 26w 36w 46w'];
        foreach ($kinds as $gauges) {
            $s = Specifications::sixString(['gauges' => $gauges]);
            foreach ($s->stringing->gauges as $string => $gauge) {
                $by = ScaleLine::from($s)->compensation($string);
                self::assertEqualsWithDelta(647.7 + $by, ScaleLine::from($s)->saddleAt($string), 1e-9);
                self::assertTrue(
                    $gauge->wound ? $by >= 2.5 && $by <= 4.0 : $by >= 1.0 && $by <= 2.0,
                    "{$gauges}: {$gauge->inWords()} by {$by}; the guideline goes by the kind of the string",
                );
            }
        }
        self::assertEqualsWithDelta(10.0, $line->travel()->length(), 1e-9);
    }

    public function test_the_height_of_the_bridge(): void
    {
        self::assertEqualsWithDelta(3.2, BridgeHeight::overFretPlane(1.8, 0.4)->value, 1e-9, 'G15');
        $low = BridgeHeight::from(Specifications::sixString(['nutAction' => '0.223']));
        self::assertEqualsWithDelta(
            [0.400, 3.377], [$low->overFirstFret(1.8)->value, BridgeHeight::overFretPlane(1.8, 0.223)->value], 0.0005,
            'G15: a1 at the first fret, and the saddle',
        );
        $zero = BridgeHeight::from(Specifications::sixString(['nutAction' => '0.4', 'zeroFret' => 'yes']));
        self::assertEqualsWithDelta(
            3.6 * (1 - 2 ** (-1 / 12)), $zero->overFirstFret(1.8)->value, 1e-9, 'with a zero fret a0 is 0',
        );
        self::assertEqualsWithDelta(
            0.4,
            $zero->overTop() - BridgeHeight::from(Specifications::sixString(['nutAction' => '0.4']))->overTop(),
            1e-9,
        );
        $bridge = BridgeHeight::from(
            Specifications::sixString(
                [
                    'neckAngle' => '2°', 'heelThickness' => '22', 'pocketDepth' => '16', 'crownHeight' => '1.2',
                    'actionTreble' => '1.6', 'actionBass' => '2', 'nutAction' => '0.4', 'joinFret' => '16',
                ],
            ),
        );
        $from = 647.7 * 2 ** (-16 / 12);
        self::assertEqualsWithDelta($from, $bridge->fromEdge(), 1e-9);
        self::assertEqualsWithDelta(6 + $from * tan(deg2rad(2)) + 1.2 + 3.2, $bridge->overTop()->value, 1e-9, 'G16');
        $mended = BridgeHeight::from(
            Specifications::sixString(
                [
                    'neckAngle' => round($bridge->angleForMiddle(), 6).'°', 'heelThickness' => '22',
                    'pocketDepth' => '16', 'nutAction' => '0.4',
                ],
            ),
        );
        self::assertEqualsWithDelta(0.5, $mended->share(), 1e-4, 'the angle that is proposed puts it in the middle');
    }

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
        }
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
                self::assertMatchesRegularExpression('/^[GSTE]\d+$/', $figure->number);
                self::assertNotSame('', $figure->source());
            }
        }
    }
}
