<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Instrument\Shape\FretMarkers;
use Regimen\Instrument\Shape\HeadstockShape;
use Regimen\Instrument\Shape\MarkerPlace;
use Regimen\Instrument\Shape\NeckShape;
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
        self::assertSame([3, 5, 7, 9, 12, 12, 15, 17, 19, 21], array_map(static fn (MarkerPlace $one): int => $one->fret, $places));
        $frets = $specification->frets();
        self::assertEqualsWithDelta(($frets->position(2)->mm + $frets->position(3)->mm) / 2, $places[0]->along, 1e-9);
        self::assertEqualsWithDelta(0.491, $markers->lost($places[4]), 0.0005);
        self::assertEqualsWithDelta(
            1.5 - 0.491, $markers->left($places[4])->value, 0.0005, 'set flush with the flat',
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
}
