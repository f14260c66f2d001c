<?php

declare(strict_types=1);

namespace Regimen\Tests\Figures;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Tests\Specifications;
use Regimen\Units\Words;

/**
 * Every figure of one plain instrument, worked by hand from the definitions in CALCULATIONS, without the classes that
 * compute it: a scale of 647.7 mm, 22 frets, a nut of 43 and 56 mm at the last fret, a radius of 12 in.
 */
final class FigureBookTest extends TestCase
{
    private const TYPED = [
        'lastWidth' => '56', 'overhang' => '8', 'boardThickness' => '6', 'radius' => '12"', 'tangDepth' => '1.8',
        'slotDepth' => '2.3',
        'markerOffset' => '14.3', 'markerDiameter' => '6', 'markerThickness' => '1.5', 'crownHeight' => '1.2',
        'thicknessFirst' => '21.5', 'thicknessTwelfth' => '22.5', 'rodDepth' => '9', 'headLength' => '200',
        'headAngle' => '10', 'headThickness' => '15',
        'posts' => '40/14 70/9 100/4 100/-4 70/-9 40/-14', 'postHeight' => '8', 'nutMargin' => '3',
        'bridgeSpread' => '52',
        'heelThickness' => '24', 'pocketDepth' => '16', 'neckAngle' => '1', 'joinFret' => '16', 'bridgeLeast' => '10',
        'bridgeMost' => '22', 'bridgeRecess' => '1',
        'actionTreble' => '1.6', 'actionBass' => '2.0', 'nutAction' => '0.4', 'saddleFront' => '-2',
        'saddleTravel' => '10',
        'airTemperature' => '21.1 C', 'airHumidity' => '50', 'humidityLow' => '30', 'humidityHigh' => '70',
        'bodyWidth' => '330', 'bodyCut' => 'flat-sawn',
        'pickups' => [
            ['place' => 'neck', 'kind' => 'humbucker', 'resistance' => '7.6k', 'depth' => '20'],
            ['place' => 'bridge', 'kind' => 'humbucker', 'resistance' => '8.4k', 'depth' => '21'],
        ],
        'cavities' => [
            [
                'kind' => 'control', 'depth' => '37', 'length' => '100', 'width' => '40', 'behind' => '10',
                'across' => '-85',
            ],
        ],
        'pots' => '500k, 250k', 'capacitors' => '20 nF', 'bodyBinding' => '2', 'boardBinding' => '1.5',
        'rodLength' => '440',
    ];

    /** @return iterable<string, array{string, float, float}> key, value by hand, tolerance */
    public static function byHand(): iterable
    {
        $scale = 647.7;
        $fret = static fn (int $number): float => $scale - $scale / 2 ** ($number / 12);
        $width = static fn (float $x): float => 43 + 13 * $x / $fret(22);
        $drop = static fn (float $y): float => 304.8 - sqrt(304.8 ** 2 - $y ** 2);

        yield 'nut to twelfth' => ['twelfth', 323.85, 1e-9];
        yield 'nut to last' => ['lastFret', 18.3443 * 25.4, 0.002];
        yield 'nut to first' => ['fret.1', 1.4312 * 25.4, 0.002];
        yield 'nut to fifth' => ['fret.5', 6.3966 * 25.4, 0.002];
        yield 'nut to seventh' => ['fret.7', 8.4808 * 25.4, 0.002];
        yield 'width at twelfth' => ['widthTwelfth', $width(323.85), 1e-6];
        yield 'drop at the nut' => ['drop.nut', $drop(21.5), 1e-6];
        // CALCULATIONS G3: 12 in and 56 mm wide, 1.289 mm.
        yield 'drop at the last fret' => ['drop.last', 1.289, 0.0005];
        // Sawn 2.3 deep from the flat: at the edge the radius has taken from board and slot alike.
        yield 'edge at the nut' => ['edgeLeft.nut', 6 - 2.3, 1e-6];
        yield 'edge at the last fret' => ['edgeLeft.last', 4.711 - (2.3 - 1.289), 0.0005];
        yield 'third marker' => ['marker.3', ($fret(2) + $fret(3)) / 2, 1e-6];
        yield 'octave markers' => ['marker.12', ($fret(11) + $fret(12)) / 2, 1e-6];
        // CALCULATIONS G6: 14.3 mm off the centre, 3 mm of radius.
        yield 'what the octave markers lose' => ['markerLost', 0.491, 0.0005];
        yield 'what they keep' => ['markerLeft', 1.009, 0.0005];
        // To buy in half metres: 1.336 m of wire.
        yield 'fret wire' => [
            'fretWire',
            500 * ceil(
                1.1 * array_sum(
                    array_map(
                        static fn (int $n): float => 2 * 304.8 * asin($width($fret($n)) / 609.6) + 4,
                        range(1, 22),
                    ),
                ) / 500,
            ),
            1e-6,
        ];
        yield 'board binding' => ['boardBindingLength', 1.1 * (2 * ($fret(22) + 8) + $width($fret(22) + 8)), 1e-6];

        yield 'thickness at the body' => [
            'thicknessJoin', 21.5 + ($fret(16) - $fret(1)) / ($fret(12) - $fret(1)), 1e-6,
        ];
        yield 'under the rod at the first' => ['underRodFirst', 6.5, 1e-9];
        yield 'under the rod at the twelfth' => ['underRodTwelfth', 7.5, 1e-9];
        yield 'stock of the headstock' => ['stockDepth', 200 * sin(M_PI / 18) + 15 * cos(M_PI / 18), 1e-9];
        // CALCULATIONS G12: from a crown of 1.2 and 0.4 of slot over the board, down 6 to the face, along it, and up 8
        // on a post that leans with it.
        $lost = static fn (float $along): float => 1.2 + 0.4 + 6 + $along * sin(M_PI / 18) - 8 * cos(M_PI / 18);
        yield 'break of the first string' => [
            'break.0', rad2deg(atan($lost(40) / (40 * cos(M_PI / 18) + 8 * sin(M_PI / 18)))), 1e-6,
        ];
        yield 'break of the third string' => [
            'break.2',
            rad2deg(atan($lost(100) / (100 * cos(M_PI / 18) + 8 * sin(M_PI / 18)))),
            1e-6,
        ];

        $gauges = [0.010, 0.013, 0.017, 0.026, 0.036, 0.046];
        $gap = (37 - array_sum($gauges) * 25.4) / 5;
        yield 'first gap at the nut' => ['nutGap', $gap + 0.0115 * 25.4, 1e-6];
        $gapAtBridge = (52 + 0.028 * 25.4 - array_sum($gauges) * 25.4) / 5;
        yield 'first gap at the bridge' => ['bridgeGap', $gapAtBridge + 0.0115 * 25.4, 1e-6];
        $share = $fret(22) / $scale;
        yield 'treble at the edge' => ['edgeTreble', 28 - ((18.5 - 0.127) * (1 - $share) + 26 * $share) - 0.127, 1e-6];
        yield 'bass at the edge' => [
            'edgeBass',
            28 - ((18.5 - 0.023 * 25.4) * (1 - $share) + 26 * $share) - 0.023 * 25.4,
            1e-6,
        ];
        yield 'mass of the first string' => ['mass.0', 7850 * M_PI * 0.000254 ** 2 / 4 * 1000, 1e-9];
        yield 'pull of the first string' => ['tension.0', 72.5, 0.05];
        yield 'pull of the second string' => [
            'tension.1',
            7850 * M_PI * 0.0003302 ** 2 / 4 * (2 * 0.6477 * 440 * 2 ** (-10 / 12)) ** 2,
            1e-6,
        ];
        yield 'pull of the third string' => [
            'tension.2',
            7850 * M_PI * 0.0004318 ** 2 / 4 * (2 * 0.6477 * 440 * 2 ** (-14 / 12)) ** 2,
            1e-6,
        ];

        yield 'half the scale' => ['halfScale', 323.85, 1e-9];
        // A plain 0.254 mm is 0.054 into 0.2 to 0.6 (1 to 2 mm), a wound 1.1684 mm 0.6684 into 0.5 to 1.6 (2.5 to 4
        // mm): a house convention within the guideline.
        yield 'first saddle' => ['saddle.0', 647.7 + 1 + 0.054 / 0.4, 1e-9];
        yield 'last saddle' => ['saddle.5', 647.7 + 2.5 + 1.5 * 0.6684 / 1.1, 1e-9];
        yield 'saddles in their travel' => [
            'saddleShare', 100 * (2 + (1 + 0.054 / 0.4 + 2.5 + 1.5 * 0.6684 / 1.1) / 2) / 10, 1e-9,
        ];
        // CALCULATIONS G15: a0 0.4, x1/L = 1 − 2^(−1/12).
        yield 'over the first fret, treble' => [
            'overFirstTreble', 0.4 * (1 - 2 * (1 - 2 ** (-1 / 12))) + 2 * 1.6 * (1 - 2 ** (-1 / 12)), 1e-9,
        ];
        yield 'over the first fret, bass' => [
            'overFirstBass', 0.4 * (1 - 2 * (1 - 2 ** (-1 / 12))) + 2 * 2.0 * (1 - 2 ** (-1 / 12)), 1e-9,
        ];
        yield 'board above the top' => ['boardAboveTop', 8.0, 1e-9];
        yield 'string over the fret plane' => ['overFretPlane', 3.2, 1e-9];
        $over = 8 + ($scale - $fret(16)) * tan(M_PI / 180) + 1.2 + 3.2;
        yield 'saddle over the top' => ['bridgeHeight', $over, 1e-6];
        yield 'saddle over the foot' => ['bridgeFoot', $over + 1, 1e-6];
        yield 'in its range' => ['bridgeShare', 100 * ($over + 1 - 10) / 12, 1e-6];

        yield 'layers' => ['bodyThickness', 45.0, 1e-9];
        yield 'under the pocket' => ['pocketFloor', 29.0, 1e-9];
        yield 'under the neck pickup' => ['pickupFloor.0', 25.0, 1e-9];
        yield 'under the bridge pickup' => ['pickupFloor.1', 24.0, 1e-9];
        yield 'at the control cavity' => ['cavityFloor.0', 8.0, 1e-9];
        // CALCULATIONS G20: the deepest, 37 mm at 6 a pass.
        yield 'passes' => ['passes', 7.0, 1e-9];

        // Wood Handbook's table at 21.1 °C: 30 % → 6.2, 50 → 9.2, 70 → 13.1 (memory).
        yield 'the shop’s air' => ['balanceMoisture', 9.2, 0.06];
        yield 'the driest season' => ['drySeason', 6.2, 0.06];
        yield 'the dampest season' => ['dampSeason', 13.1, 0.06];
        // Red alder, tangential 7.3 %: 330 (13.1 − 6.2) / (3000/7.3 − 30 + 6.2).
        yield 'movement over the seasons' => ['seasonMovement', 330 * 6.9 / (3000 / 7.3 - 23.8), 0.08];
        // CALCULATIONS T3: 0.41 and 0.63 at 12 % are 0.3849 and 0.5727 basic; at 9.2 % a is 0.6933.
        yield 'density of the top' => ['density.top', 1092 * 0.38490 / (1 - 0.265 * 0.69333 * 0.38490), 0.4];
        yield 'density of the neck' => ['density.neck', 1092 * 0.57265 / (1 - 0.265 * 0.69333 * 0.57265), 0.6];

        yield 'usual pot' => ['usualPot.0', 500.0, 1e-9];
        yield 'meter with both pickups' => ['position.2', 7.6 * 8.4 / 16, 1e-9];
        yield 'meter with the neck pickup' => ['position.1', 7.6, 1e-9];
        yield 'pots together' => ['potsTogether', 500 * 250 / 750, 1e-9];
        yield 'meter at the jack' => ['jack.1', 7.6 * 500 / 507.6, 1e-9];
        yield 'cut-off with the tone turned down' => ['cutOff.1', 1e6 / (2 * M_PI * 7.6 * 500 / 507.6 * 20), 1e-6];
        yield 'cut-off at the bridge' => ['cutOff.3', 1e6 / (2 * M_PI * 8.4 * 500 / 508.4 * 20), 1e-6];
        yield 'nearest capacitor of E6' => ['nearestCapacitor', 22.0, 1e-9];
        yield 'positions' => ['switchPositions', 3.0, 1e-9];
    }

    #[DataProvider('byHand')]
    public function test_a_figure_is_what_it_is_by_hand(string $key, float $value, float $tolerance): void
    {
        self::assertEqualsWithDelta($value, self::figures()[$key]->value, $tolerance);
    }

    public function test_sums_are_the_sums_of_their_parts(): void
    {
        $figures = self::figures();
        $pulls = array_map(static fn (int $string): float => $figures["tension.{$string}"]->value, range(0, 5));
        self::assertEqualsWithDelta(array_sum($pulls), $figures['totalPull']->value, 1e-9);
        self::assertEqualsWithDelta(max($pulls) / min($pulls), $figures['pullSpread']->value, 1e-9);
        self::assertEqualsWithDelta(1.1 * $figures['perimeter']->value, $figures['binding']->value, 1e-9);
        self::assertGreaterThan(0, $figures['balance']->value, 'it hangs level');
    }

    public function test_a_figure_is_shown_with_its_unit_and_in_the_other_one(): void
    {
        $figures = self::figures();
        self::assertSame(['323.9', '12 3/4"'], [$figures['twelfth']->shown(), $figures['twelfth']->other()]);
        self::assertSame(['72.5 N', '16.3 lbf'], [$figures['tension.0']->shown(), $figures['tension.0']->other()]);
        self::assertMatchesRegularExpression('/^3\.\d\d kg$/', $figures['weight']->shown());
        self::assertMatchesRegularExpression('/^[78]\.\d lb$/', $figures['weight']->other());
        self::assertSame(['7', ''], [$figures['passes']->shown(), $figures['passes']->other()]);
        self::assertStringEndsWith('°', $figures['break.0']->shown());
        self::assertSame('', $figures['break.0']->other());
    }

    public function test_a_formula_tells_its_numbers(): void
    {
        $figures = self::figures();
        self::assertSame('21.5 − 6.0 − 9.0 = 6.5 mm', $figures['underRodFirst']->formula);
        self::assertSame('heel 24.0 − pocket 16.0 = 8.00 mm', $figures['boardAboveTop']->formula);
        self::assertSame('2 × 1.80 − 0.40 = 3.20 mm', $figures['overFretPlane']->formula);
        self::assertSame('37.0 / 6.0 a pass, rounded up', $figures['passes']->formula);
        self::assertStringContainsString(
            '± 5 %', $figures['tension.5']->formula, 'a wound string is an estimate and says so',
        );
        self::assertStringNotContainsString('±', $figures['tension.0']->formula);
    }

    public function test_words_round_and_never_say_minus_nothing(): void
    {
        self::assertSame(
            ['12.8', '0.0', '0.0', '-0.1', '13'],
            [
                Words::number(12.75), Words::number(-0.04), Words::number(0.04), Words::number(-0.06),
                Words::number(12.5, 0),
            ],
        );
        self::assertSame(['1 3/4"', '−1/8"', '0"'], [Words::inches(44.45), Words::inches(-3.175), Words::inches(0.0)]);
        self::assertSame(['string 1', 'strings 2, 6'], [Words::strings([0]), Words::strings([1, 5])]);
    }

    /** @return array<string, Figure> */
    private static function figures(): array
    {
        static $figures = null;
        if ($figures === null) {
            $figures = [];
            foreach (FigureBook::figures(Specifications::workings(self::TYPED)) as $figure) {
                self::assertArrayNotHasKey($figure->key, $figures, 'each figure has a key of its own');
                $figures[$figure->key] = $figure;
            }
        }

        return $figures;
    }
}
