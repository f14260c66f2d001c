<?php

declare(strict_types=1);

namespace Regimen\Tests\Geometry;

use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Shape\BridgeHeight;
use Regimen\Instrument\Shape\ScaleLine;
use Regimen\Instrument\Shape\StringSpread;
use Regimen\Tests\Specifications;

/** Source: the check values of CALCULATIONS G2 to G20 and T6, and figures of plane geometry. */
final class ScaleAndBridgeTest extends TestCase
{
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
            $zero->overTop()->value
                - BridgeHeight::from(Specifications::sixString(['nutAction' => '0.4']))->overTop()->value,
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
        $fixed = BridgeHeight::from(
            Specifications::sixString(
                [
                    'neckAngle' => round($bridge->angleForMiddle(), 6).'°', 'heelThickness' => '22',
                    'pocketDepth' => '16', 'nutAction' => '0.4',
                ],
            ),
        );
        self::assertEqualsWithDelta(0.5, $fixed->share()->value, 1e-4, 'the angle that is proposed puts it in the middle');
    }
}
