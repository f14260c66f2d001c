<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Finding;

/** Limits of what is checked first: neck, board and headstock. */
final class BoardLimits
{
    private const VIBRATO = [
        'bridge' => 'vibrato',
        'cavities' => [
            LimitsTest::CAVITY,
            [
                'kind' => 'springs', 'depth' => '16', 'length' => '100', 'width' => '58', 'behind' => '-55',
                'across' => '0',
            ],
        ],
    ];

    private const PICKUP = ['place' => 'bridge', 'kind' => 'humbucker', 'position' => '45', 'depth' => '20'];

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed inside the
     *   limit, typed outside it
     */
    public static function limits(): iterable
    {
        // Neck: 21.5 − 6 − depth has to be 3 or more.
        yield 'timber under the rod' => ['under-rod', ['rodDepth' => '12.4'], ['rodDepth' => '12.6']];
        yield 'timber under the rod at the twelfth' => [
            'under-rod',
            ['thicknessFirst' => '18.6', 'thicknessTwelfth' => '18.3'],
            ['thicknessFirst' => '18.6', 'thicknessTwelfth' => '17.8'],
        ];
        // The board is 473.9 long; 4 mm stay at its end.
        yield 'length of the rod' => ['rod-length', ['rodLength' => '469'], ['rodLength' => '471']];
        // (43 − width) / 2 has to be 12 or more.
        yield 'width of the channel' => [
            'rod-width', ['nutWidth' => '38', 'rodWidth' => '13.9'], ['nutWidth' => '38', 'rodWidth' => '14.2'],
        ];
        // At the last fret 55.2 wide and 12 in the drop is 1.25; thickness − 1.25 − 2.3 has to be 0.5 or more.
        yield 'edge of the board' => ['board-edge', ['boardThickness' => '4.1'], ['boardThickness' => '4.0']];
        // Sawn from the flat, a 12 in radius takes 1.289 from the edge of 56 mm: 1.8 of tang need 3.09.
        yield 'slots under the tang' => [
            'slot-shallow', ['lastWidth' => '56', 'slotDepth' => '3.1'], ['lastWidth' => '56', 'slotDepth' => '3.08'],
        ];
        yield 'board under the slots' => ['slot-deep', ['slotDepth' => '4.45'], ['slotDepth' => '4.55']];
        // The outer edge of the octave markers loses 0.41.
        yield 'marker after the radius' => [
            'marker-depth', ['markerThickness' => '1.25'], ['markerThickness' => '1.15'],
        ];
        yield 'marker below the surface' => ['marker-sunk', ['markerDepth' => '1.51'], ['markerDepth' => '1.55']];
        yield 'board under the markers' => [
            'marker-floor',
            ['markerDepth' => '4.9', 'markerThickness' => '4.9'],
            ['markerDepth' => '5.1', 'markerThickness' => '5.1'],
        ];
        // Slots 20 and 21 lie 11.45 mm apart (G1), less half a crown of 2.4 on each side: 9.05.
        yield 'room for a marker' => ['marker-room', ['markerDiameter' => '9'], ['markerDiameter' => '9.1']];
        // (43 + 12.9 · 323.85 / 465.9) / 2 at the twelfth is 26; less 3 of radius and 1 of board.
        yield 'a pair on the board' => [
            'marker-pair', ['lastWidth' => '55.9', 'markerOffset' => '21.8'],
            ['lastWidth' => '55.9', 'markerOffset' => '22.2'],
        ];
        yield 'a pair side by side' => ['marker-touch', ['markerOffset' => '3.5'], ['markerOffset' => '3.4']];
        yield 'markers on the board' => ['marker-frets', ['markerFrets' => '3 5 22'], ['markerFrets' => '3 5 23']];
        // 6 mm less 1.289 at the edge of 56 mm, less 1 of board round the marker.
        yield 'side markers' => [
            'side-markers', ['lastWidth' => '56', 'sideMarkers' => '3.7'],
            ['lastWidth' => '56', 'sideMarkers' => '3.72'],
        ];
        // 0.3 of crown on each side.
        yield 'a slot under its crown' => [
            'slot-wide', ['crownWidth' => '1.2', 'slotWidth' => '0.6'], ['crownWidth' => '1.2', 'slotWidth' => '0.62'],
        ];
        yield 'a board that widens' => [
            'board-narrows', ['lastWidth' => '43', 'bridgeSpread' => '40'],
            ['lastWidth' => '42.9', 'bridgeSpread' => '40'],
        ];
        // 56 mm at the last fret is 53.9 where the body begins at the 16th; a millimetre may stand over.
        yield 'a heel under its board' => [
            'heel-narrow', ['lastWidth' => '56', 'heelWidth' => '53'], ['lastWidth' => '56', 'heelWidth' => '52.8'],
        ];
        yield 'hard board timber' => [
            'soft.boardTimber', ['boardTimber' => 'red maple'], ['boardTimber' => 'bigleaf maple'],
        ];
        yield 'hard neck timber' => [
            'soft.neckTimber', ['neckTimber' => 'Spanish-cedar'], ['neckTimber' => 'red alder'],
        ];
        // Three quarters of the 390.7 mm from the nut to the 16th fret.
        yield 'reach of the rod' => ['rod-short', ['rodLength' => '294'], ['rodLength' => '292']];
        yield 'depth of the channel' => ['rod-channel', ['rodDepth' => '3'], ['rodDepth' => '2.9']];
        yield 'a channel at all' => ['rod-channel', ['rodWidth' => '3'], ['rodWidth' => '2.9']];
        yield 'plain strings' => [
            'string-kind.2', ['gauges' => '10 13 26 28w 36w 46w'], ['gauges' => '10 13 26.5 28w 36w 46w'],
        ];
        yield 'wound strings' => [
            'string-kind.2', ['gauges' => '10 13 17w 26w 36w 46w'], ['gauges' => '10 13 16.5w 26w 36w 46w'],
        ];
        yield 'strings from the treble' => [
            'strings-reversed', ['gauges' => '10 13 17 26w 36w 46w'], ['gauges' => '46w 36w 26w 17 13 10'],
        ];
        yield 'a tuning from the treble' => [
            'strings-reversed', ['tuning' => 'E4 B3 G3 D3 A2 E2'], ['tuning' => 'E2 A2 D3 G3 B3 E4'],
        ];
        yield 'a string that goes back up' => [
            'strings-reversed', ['tuning' => 'D4 G4 C4 G3 D3 C3', 'gauges' => '13 9 13 17 26w 36w'],
            ['tuning' => 'C3 D3 G3 C4 D4 G4', 'gauges' => '13 9 13 17 26w 36w'],
        ];
        yield 'three screws' => ['screws-few', ['fasteners' => '3'], ['fasteners' => '2']];
        yield 'two bolts' => [
            'screws-few', ['joint' => 'bolted_mortise', 'fasteners' => '2'],
            ['joint' => 'bolted_mortise', 'fasteners' => '1'],
        ];
        yield 'limits of the tuners' => [
            'tuner-limits', ['tunerLeast' => '15', 'tunerMost' => '15'], ['tunerLeast' => '15.1', 'tunerMost' => '15'],
        ];
        yield 'screws behind the scale line' => [
            'screws-in-front', ['mountingOffset' => '0'], ['mountingOffset' => '-0.5'],
        ];
        yield 'pivots in front of it' => [
            'screws-in-front', self::VIBRATO + ['mountingOffset' => '-20'],
            self::VIBRATO + ['mountingOffset' => '-20.5'],
        ];
        // Saddles reach from −2 to 8 behind the line.
        yield 'a tailpiece behind the saddles' => [
            'tail-in-front', ['stringPath' => 'at_a_tailpiece', 'tailDistance' => '13'],
            ['stringPath' => 'at_a_tailpiece', 'tailDistance' => '12.9'],
        ];
        yield 'springs of a vibrato' => ['springs-cavity', self::VIBRATO, ['bridge' => 'vibrato']];
        yield 'a top of a flat-top' => ['flat-top-plate', LimitsTest::plate('2.2'), LimitsTest::plate('2.1')];
        yield 'a stiff top of a flat-top' => ['flat-top-plate', LimitsTest::plate('3.6'), LimitsTest::plate('3.7')];
        yield 'chambers in a solid body' => [
            'chambers-solid', ['chamberShare' => '20 %', 'weightRelief' => 'yes'], ['chamberShare' => '20 %'],
        ];
        yield 'pickups from the neck' => [
            'pickup-order',
            ['pickups' => [['place' => 'neck', 'position' => '130'] + self::PICKUP, self::PICKUP]],
            [
                'pickups' => [
                    ['place' => 'neck', 'position' => '45'] + self::PICKUP, ['position' => '130'] + self::PICKUP,
                ],
            ],
        ];
        yield 'pickups in another order' => [
            'pickup-order',
            ['pickups' => [['place' => 'one', 'position' => '130'] + self::PICKUP, ['place' => 'two'] + self::PICKUP]],
            ['pickups' => [['place' => 'two'] + self::PICKUP, ['place' => 'one', 'position' => '130'] + self::PICKUP]],
        ];
        // Two cavities of 40 across, 3 mm of timber between them.
        yield 'cavities beside each other' => [
            'cavity-collision.1',
            [
                'cavities' => [
                    LimitsTest::CAVITY,
                    ['kind' => 'switch', 'length' => '40', 'width' => '20', 'across' => '-51'] + LimitsTest::CAVITY,
                ],
            ],
            [
                'cavities' => [
                    LimitsTest::CAVITY,
                    ['kind' => 'switch', 'length' => '40', 'width' => '20', 'across' => '-53'] + LimitsTest::CAVITY,
                ],
            ],
        ];
        // 45 of body, 20 under the bridge pickup from the top, 22 from the back.
        yield 'a cavity under a pickup' => [
            'cavity-collision.0',
            ['cavities' => [['behind' => '-40', 'across' => '0', 'depth' => '22'] + LimitsTest::CAVITY]],
            ['cavities' => [['behind' => '-40', 'across' => '0', 'depth' => '22.2'] + LimitsTest::CAVITY]],
        ];
        // 16 of pocket from the top.
        yield 'a cavity under the pocket' => [
            'cavity-collision.0',
            [
                'pickups' => [],
                'cavities' => [['behind' => '-220', 'across' => '0', 'depth' => '26', 'length' => '50'] + LimitsTest::CAVITY],
            ],
            [
                'pickups' => [],
                'cavities' => [
                    ['behind' => '-220', 'across' => '0', 'depth' => '26.2', 'length' => '50'] + LimitsTest::CAVITY,
                ],
            ],
        ];
    }
}
