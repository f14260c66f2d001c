<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;
use Regimen\Instrument\Reading\SpecificationReader;

/**
 * Where each check begins to speak: silent on the one side of its limit, loud on the other. All limits are common
 * practice (TRADE sections 2 to 4, CALCULATIONS G5 to G18); the arithmetic that leads to a limit stands beside it.
 */
final class LimitsTest extends TestCase
{
    private const CHAMBERED = [
        'body' => 'chambered',
        'layers' => [['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
    ];

    private const CAVITY = [
        'kind' => 'control', 'depth' => '35', 'length' => '100', 'width' => '40', 'behind' => '10', 'across' => '-85',
    ];

    private const VIBRATO = [
        'bridge' => 'vibrato',
        'cavities' => [
            self::CAVITY,
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
        yield 'a top of a flat-top' => ['flat-top-plate', self::plate('2.2'), self::plate('2.1')];
        yield 'a stiff top of a flat-top' => ['flat-top-plate', self::plate('3.6'), self::plate('3.7')];
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
                    self::CAVITY,
                    ['kind' => 'switch', 'length' => '40', 'width' => '20', 'across' => '-51'] + self::CAVITY,
                ],
            ],
            [
                'cavities' => [
                    self::CAVITY,
                    ['kind' => 'switch', 'length' => '40', 'width' => '20', 'across' => '-53'] + self::CAVITY,
                ],
            ],
        ];
        // 45 of body, 20 under the bridge pickup from the top, 22 from the back.
        yield 'a cavity under a pickup' => [
            'cavity-collision.0',
            ['cavities' => [['behind' => '-40', 'across' => '0', 'depth' => '22'] + self::CAVITY]],
            ['cavities' => [['behind' => '-40', 'across' => '0', 'depth' => '22.2'] + self::CAVITY]],
        ];
        // 16 of pocket from the top.
        yield 'a cavity under the pocket' => [
            'cavity-collision.0',
            [
                'pickups' => [],
                'cavities' => [['behind' => '-220', 'across' => '0', 'depth' => '26', 'length' => '50'] + self::CAVITY],
            ],
            [
                'pickups' => [],
                'cavities' => [
                    ['behind' => '-220', 'across' => '0', 'depth' => '26.2', 'length' => '50'] + self::CAVITY,
                ],
            ],
        ];
        yield 'a pickup wired in once' => [
            'switch-twice', ['switch' => 'neck, neck + bridge, bridge'], ['switch' => 'neck, neck + neck, bridge'],
        ];
        yield 'coils to split' => [
            'switch-split',
            ['switch' => 'bridge split, bridge', 'pickups' => [self::PICKUP]],
            ['switch' => 'bridge split, bridge', 'pickups' => [['kind' => 'single-coil'] + self::PICKUP]],
        ];

        // Strings and their breaks.
        yield 'outer string at the nut' => ['outer-strings', ['nutMargin' => '2.6'], ['nutMargin' => '2.4']];
        yield 'action of the treble over the bass' => [
            'action-swapped',
            ['actionTreble' => '2.0', 'actionBass' => '2.0'],
            ['actionTreble' => '2.1', 'actionBass' => '2.0'],
        ];
        yield 'lowest action' => ['action-low', ['actionTreble' => '1.1'], ['actionTreble' => '1.05']];
        yield 'relief' => ['relief', ['relief' => '0.4'], ['relief' => '0.41']];
        yield 'radius and low action' => [
            'choke',
            ['radius' => '8 1/2"', 'actionTreble' => '1.5'],
            ['radius' => '8 1/4"', 'actionTreble' => '1.5'],
        ];
        yield 'radius and usual action' => [
            'choke',
            ['radius' => '7 1/4"', 'actionTreble' => '1.6'],
            ['radius' => '7 1/4"', 'actionTreble' => '1.55'],
        ];

        // Headstock.
        yield 'headstock too thin for its tuners' => [
            'headstock-thickness', ['headThickness' => '12'], ['headThickness' => '11.9'],
        ];
        yield 'headstock too thick for its tuners' => [
            'headstock-thickness', ['headThickness' => '17'], ['headThickness' => '17.1'],
        ];
        yield 'thin headstock' => ['headstock-thin', ['headThickness' => '13'], ['headThickness' => '12.9']];
        // Posts stand a little farther apart than along the row, for they follow the strings.
        yield 'tuners beside each other' => [
            'tuner-spacing',
            ['tunerSpacing' => '21', 'tunerWidth' => '20'],
            ['tunerSpacing' => '19.5', 'tunerWidth' => '20'],
        ];
        // length · sin α + thickness · cos α up to 44.
        yield 'stock of one piece' => [
            'headstock-stock',
            [
                'headConstruction' => 'one_piece', 'headLength' => '180', 'headAngle' => '9', 'firstPost' => '35',
                'tunerSpacing' => '21',
            ],
            [
                'headConstruction' => 'one_piece', 'headLength' => '180', 'headAngle' => '9.5', 'firstPost' => '35',
                'tunerSpacing' => '21',
            ],
        ];
        yield 'guide before the posts' => [
            'guide-place', ['guided' => '6', 'guideAt' => '34'], ['guided' => '6', 'guideAt' => '34.5'],
        ];
        yield 'taper of the neck' => [
            'neck-taper',
            ['thicknessFirst' => '22', 'thicknessTwelfth' => '22'],
            ['thicknessFirst' => '22', 'thicknessTwelfth' => '21.9'],
        ];

        // Bridge, with strings 0.4 over the fret plane at the nut: 8 + 1.2 + 3.2 = 12.4 over the top; a quarter and
        // three quarters of its range.
        yield 'bridge at three quarters' => [
            'bridge-range',
            ['bridgeLeast' => '10', 'bridgeMost' => '13.21', 'nutAction' => '0.4'],
            ['bridgeLeast' => '10', 'bridgeMost' => '13.19', 'nutAction' => '0.4'],
        ];
        yield 'bridge at a quarter' => [
            'bridge-range',
            ['bridgeLeast' => '11.59', 'bridgeMost' => '14.8', 'nutAction' => '0.4'],
            ['bridgeLeast' => '11.61', 'bridgeMost' => '14.8', 'nutAction' => '0.4'],
        ];
        // The saddle of a plain 10 stands 1.135 behind the line: a fifth of 10 mm of travel.
        yield 'first saddle' => ['saddle-travel', ['saddleFront' => '-0.87'], ['saddleFront' => '-0.86']];
        // That of a wound 46 stands 3.411 behind it: four fifths.
        yield 'last saddle' => ['saddle-travel', ['saddleFront' => '-4.58'], ['saddleFront' => '-4.6']];

        // Pickups: 39 long, half of it on each side of its poles.
        yield 'pickup at the bridge' => [
            'pickup-bridge.0',
            ['pickups' => [['position' => '22.6'] + self::PICKUP]],
            ['pickups' => [['position' => '22.4'] + self::PICKUP]],
        ];
        yield 'pickup at the board' => [
            'pickup-room.0',
            ['pickups' => [['position' => '153.1'] + self::PICKUP]],
            ['pickups' => [['position' => '153.4'] + self::PICKUP]],
        ];
        yield 'poles under the strings' => [
            'pickup-spread.0',
            ['pickups' => [['spread' => '52.8'] + self::PICKUP]],
            ['pickups' => [['spread' => '53.2'] + self::PICKUP]],
        ];
        yield 'floor under a pickup' => [
            'pickup-floor.0',
            ['pickups' => [['depth' => '42'] + self::PICKUP]],
            ['pickups' => [['depth' => '42.1'] + self::PICKUP]],
        ];
        yield 'a low resistance' => [
            'pickup-resistance.0',
            ['pickups' => [['resistance' => '1.5k'] + self::PICKUP]],
            ['pickups' => [['resistance' => '1.4k'] + self::PICKUP]],
        ];
        yield 'a high resistance' => [
            'pickup-resistance.0',
            ['pickups' => [['resistance' => '35k'] + self::PICKUP]],
            ['pickups' => [['resistance' => '36k'] + self::PICKUP]],
        ];
        // Pocket from 390.7 for 76; the cavity of the neck pickup begins at 477.9.
        yield 'cavity at the pocket' => ['pickup-pocket.0', ['pocketLength' => '83'], ['pocketLength' => '84']];

        // Body: 45 thick.
        yield 'floor at a cavity' => [
            'cavity-floor.0',
            ['cavities' => [['depth' => '39'] + self::CAVITY]],
            ['cavities' => [['depth' => '39.1'] + self::CAVITY]],
        ];
        yield 'floor under the pocket of a bolted neck' => [
            'pocket-floor',
            ['pocketDepth' => '33', 'heelThickness' => '41', 'screwLength' => '30'],
            ['pocketDepth' => '33.1', 'heelThickness' => '41', 'screwLength' => '30'],
        ];
        yield 'floor under the pocket of a set neck' => [
            'pocket-floor',
            ['joint' => 'set', 'pocketDepth' => '37', 'heelThickness' => '45'],
            ['joint' => 'set', 'pocketDepth' => '37.1', 'heelThickness' => '45'],
        ];
        yield 'a tight pocket' => [
            'pocket-fit', ['heelWidth' => '56', 'pocketWidth' => '56'], ['heelWidth' => '56', 'pocketWidth' => '55.9'],
        ];
        yield 'a loose pocket' => [
            'pocket-loose', ['heelWidth' => '56', 'pocketWidth' => '56.3'],
            ['heelWidth' => '56', 'pocketWidth' => '56.31'],
        ];
        yield 'a short joint' => ['joint-length', ['pocketLength' => '50'], ['pocketLength' => '49.9']];
        // 1.5 + 45 − 16 = 30.5 to the heel, which has 24 − 6 = 18 of timber.
        yield 'long screws' => ['neck-screws', ['screwLength' => '47.5'], ['screwLength' => '47.6']];
        yield 'short screws' => ['neck-screws', ['screwLength' => '40.5'], ['screwLength' => '40.4']];
        yield 'layers that add up' => ['layers', ['bodyThickness' => '45.1'], ['bodyThickness' => '45.2']];
        yield 'a thin layer' => [
            'thin-layer.0',
            ['layers' => [['timber' => 'limba', 'thickness' => '2'], ['timber' => 'limba', 'thickness' => '43']]],
            ['layers' => [['timber' => 'limba', 'thickness' => '1.9'], ['timber' => 'limba', 'thickness' => '43']]],
        ];
        yield 'floor under chambers' => [
            'chamber-floor', self::CHAMBERED + ['chamberDepth' => '35'], self::CHAMBERED + ['chamberDepth' => '35.1'],
        ];
        yield 'share of the chambers' => [
            'chamber-share', self::CHAMBERED + ['chamberShare' => '45'], self::CHAMBERED + ['chamberShare' => '46'],
        ];
        yield 'edges that meet' => ['edge-radius', ['edgeRadius' => '22.5'], ['edgeRadius' => '22.6']];
        yield 'a round through the binding' => [
            'edge-binding',
            ['bodyBinding' => '2', 'edgeRadius' => '2'],
            ['bodyBinding' => '2', 'edgeRadius' => '2.1'],
        ];
        yield 'binding that meets' => [
            'binding-height',
            ['bodyBinding' => '2', 'bodyBindingHeight' => '22.5'],
            ['bodyBinding' => '2', 'bodyBindingHeight' => '22.6'],
        ];

        // Electronics: 9.5 of thread against the top, a washer and a nut of 3.5.
        // By hand: (nut − two margins − all gauges) over the gaps between; 0.148 in of strings on a guitar, 0.300 in on
        // a bass.
        yield 'gaps of a guitar’s strings' => [
            'string-gaps',
            ['nutWidth' => '37.3', 'nutMargin' => '3', 'gauges' => '10 13 17 26w 36w 46w', 'spacing' => 'equal_gaps'],
            ['nutWidth' => '37.2', 'nutMargin' => '3', 'gauges' => '10 13 17 26w 36w 46w', 'spacing' => 'equal_gaps'],
        ];
        yield 'gaps of a bass’s strings' => ['string-gaps', self::bass('34.7'), self::bass('34.6')];
        yield 'no pots' => ['pot-thread', ['pickups' => [], 'pots' => '', 'controlTop' => '9'], ['controlTop' => '9']];
        yield 'thread of a pot' => ['pot-thread', ['controlTop' => '6'], ['controlTop' => '6.1']];
        yield 'top over the controls' => ['control-top', ['controlTop' => '2.5'], ['controlTop' => '2.4']];
        yield 'thread of the jack' => ['jack-thread', ['jackWall' => '6.5'], ['jackWall' => '6.6']];
        yield 'a microfarad' => ['capacitor-unit', ['capacitors' => '1 µF'], ['capacitors' => '1.1 µF']];
        yield 'a large capacitor' => ['capacitor-value', ['capacitors' => '220 nF'], ['capacitors' => '230 nF']];
        yield 'low pots' => ['pots', ['pots' => '400k 400k'], ['pots' => '390k 400k']];
        yield 'high pots' => ['pots', ['pots' => '625k 500k'], ['pots' => '640k 500k']];

        // Strings: a plain E4 pulls 72.5 N at 10; the pull grows with the square of the gauge.
        yield 'a slack string' => [
            'tension.0', ['gauges' => '8 13 17 26w 36w 46w'], ['gauges' => '7.5 13 17 26w 36w 46w'],
        ];
        yield 'a tight string' => [
            'tension.0', ['gauges' => '13.5 13 17 26w 36w 46w'], ['gauges' => '14 13 17 26w 36w 46w'],
        ];
        yield 'pull of all strings' => [
            'total-pull',
            ['strings' => '12', 'nutWidth' => '48'],
            ['strings' => '12', 'nutWidth' => '48', 'stiffeningRods' => 'no'],
        ];

        // Timber: the shop's air gives 9.3 %.
        yield 'moisture of the neck' => [
            'settled.neckMoisture', ['neckMoisture' => '10.2 %'], ['neckMoisture' => '10.4 %'],
        ];
        yield 'moisture of the board' => [
            'settled.boardMoisture', ['boardMoisture' => '8.4 %'], ['boardMoisture' => '8.1 %'],
        ];
        yield 'moisture of the body' => [
            'settled.bodyMoisture', ['bodyMoisture' => '10.2 %'], ['bodyMoisture' => '10.4 %'],
        ];
        yield 'a soft neck' => [
            'neck-cut',
            ['neckTimber' => 'sugar maple', 'neckCut' => 'flat-sawn'],
            ['neckTimber' => 'true mahogany', 'neckCut' => 'flat-sawn'],
        ];

        // Finish.
        yield 'pores that are filled' => [
            'open-pores',
            ['finish' => 'shellac', 'layers' => [['timber' => 'white ash', 'thickness' => '45']]],
            [
                'finish' => 'shellac', 'grainFill' => 'left_open',
                'layers' => [['timber' => 'white ash', 'thickness' => '45']],
            ],
        ];
        yield 'pores under oil' => [
            'open-pores',
            [
                'finish' => 'hard-wax-oil', 'grainFill' => 'left_open',
                'layers' => [['timber' => 'white ash', 'thickness' => '45']],
            ],
            [
                'finish' => 'water-borne', 'grainFill' => 'left_open',
                'layers' => [['timber' => 'white ash', 'thickness' => '45']],
            ],
        ];
        yield 'oily timber' => [
            'oily-timber',
            ['finish' => 'wiping-oil', 'neckTimber' => 'purpleheart'],
            ['finish' => 'two-part', 'neckTimber' => 'purpleheart'],
        ];
        yield 'neck and body of a bolted instrument' => [
            'neck-finish',
            ['finish' => 'nitrocellulose', 'neckFinish' => 'oil'],
            ['finish' => 'nitrocellulose', 'neckFinish' => 'oil', 'joint' => 'set'],
        ];
        yield 'a sprayed burst' => [
            'burst',
            ['colour' => 'amber burst', 'finish' => 'nitrocellulose'],
            ['colour' => 'amber burst', 'finish' => 'shellac'],
        ];
        yield 'a colour on oil' => [
            'neck-colour',
            ['neckColour' => 'amber', 'neckFinish' => 'oil'],
            ['neckColour' => 'amber', 'neckFinish' => 'bare'],
        ];
        yield 'shielded single coils' => [
            'hum',
            ['shielding' => 'foil', 'pickups' => [['kind' => 'single-coil'] + self::PICKUP]],
            ['pickups' => [['kind' => 'single-coil'] + self::PICKUP]],
        ];
        yield 'humbuckers' => [
            'hum',
            ['pickups' => [self::PICKUP]],
            ['pickups' => [['kind' => 'single-coil_soapbar'] + self::PICKUP]],
        ];
        yield 'a battery with its room' => [
            'battery-room',
            [
                'battery' => 'yes',
                'cavities' => [
                    self::CAVITY,
                    [
                        'kind' => 'battery', 'depth' => '22', 'length' => '55', 'width' => '30', 'behind' => '-60',
                        'across' => '60',
                    ],
                ],
            ],
            ['battery' => 'yes', 'cavities' => [self::CAVITY]],
        ];
        yield 'controls with their room' => [
            'control-cavity',
            ['cavities' => [['kind' => 'switch'] + self::CAVITY]],
            ['cavities' => [['kind' => 'jack'] + self::CAVITY]],
        ];
        yield 'one scale said twice' => [
            'multi-scale', ['scale' => '630', 'scaleTreble' => '630'], ['scale' => '630', 'scaleTreble' => '629'],
        ];
    }

    /** @return array<string, mixed> */
    private static function bass(string $nutWidth): array
    {
        return [
            'type' => 'bass', 'strings' => '4', 'scale' => '34"', 'frets' => '20', 'nutWidth' => $nutWidth,
            'nutMargin' => '4.5', 'gauges' => '45w 65w 85w 105w', 'spacing' => 'equal_gaps',
        ];
    }

    /**
     * @param  array<string, mixed>  $inside
     * @param  array<string, mixed>  $outside
     */
    #[DataProvider('limits')]
    public function test_a_check_is_silent_up_to_its_limit_and_speaks_beyond_it(
        string $key,
        array $inside,
        array $outside,
    ): void {
        self::assertNull(
            self::find($inside, $key),
            "inside, {$key} is silent: ".(self::find($inside, $key)->figures ?? ''),
        );
        self::assertNotNull(self::find($outside, $key), "outside, {$key} speaks");
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed so that it
     *   warns, typed so that it stops
     */
    public static function severities(): iterable
    {
        yield 'board edge under the slots' => ['slot-deep', ['slotDepth' => '5.2'], ['slotDepth' => '5.6']];
        yield 'markers' => ['marker-depth', ['markerThickness' => '0.9'], ['markerThickness' => '0.6']];
        yield 'marker holes' => [
            'marker-floor', ['markerDepth' => '5.5', 'markerThickness' => '5.5'],
            ['markerDepth' => '6', 'markerThickness' => '6'],
        ];
        yield 'outer strings' => ['outer-strings', ['nutMargin' => '2'], ['nutMargin' => '1']];
        yield 'tuners' => [
            'tuner-spacing', ['tunerSpacing' => '19.5', 'tunerWidth' => '20'],
            ['tunerSpacing' => '17', 'tunerWidth' => '20'],
        ];
        yield 'bridge' => ['bridge-range', ['bridgeMost' => '13'], ['bridgeMost' => '12']];
        yield 'saddles' => ['saddle-travel', ['saddleFront' => '1'], ['saddleFront' => '2']];
        yield 'cavity' => [
            'cavity-floor.0', ['cavities' => [['depth' => '40'] + self::CAVITY]],
            ['cavities' => [['depth' => '43'] + self::CAVITY]],
        ];
        yield 'cavity at the side' => [
            'cavity-inside.0', ['cavities' => [['across' => '-118'] + self::CAVITY]],
            ['cavities' => [['across' => '-140'] + self::CAVITY]],
        ];
        yield 'pocket' => [
            'pocket-floor', ['pocketDepth' => '35', 'heelThickness' => '43'],
            ['pocketDepth' => '43', 'heelThickness' => '51'],
        ];
        yield 'chambers' => [
            'chamber-floor', self::CHAMBERED + ['chamberDepth' => '36'], self::CHAMBERED + ['chamberDepth' => '38'],
        ];
        yield 'screws' => ['neck-screws', ['screwLength' => '35'], ['screwLength' => '55']];
        yield 'strings' => ['tension.0', ['gauges' => '15 13 17 26w 36w 46w'], ['gauges' => '20 13 17 26w 36w 46w']];
        yield 'slots under the crown' => [
            'slot-wide', ['slotWidth' => '0.7', 'crownWidth' => '1.2'], ['slotWidth' => '1', 'crownWidth' => '0.9'],
        ];
        yield 'soft boards' => ['soft.boardTimber', ['boardTimber' => 'true mahogany'], ['boardTimber' => 'red alder']];
        yield 'soft necks' => ['soft.neckTimber', ['neckTimber' => 'red alder'], ['neckTimber' => 'western redcedar']];
        yield 'short rods' => ['rod-short', ['rodLength' => '196'], ['rodLength' => '195']];
        yield 'pairs of markers' => [
            'marker-pair', ['lastWidth' => '55.9', 'markerOffset' => '22.5'],
            ['lastWidth' => '55.9', 'markerOffset' => '24'],
        ];
        yield 'side markers' => ['side-markers', ['sideMarkers' => '4'], ['sideMarkers' => '5']];
        yield 'screws in front' => ['screws-in-front', ['mountingOffset' => '-4'], ['mountingOffset' => '-6']];
        yield 'one screw' => ['screws-few', ['fasteners' => '2'], ['fasteners' => '1']];
        yield 'plates' => ['flat-top-plate', self::plate('2'), self::plate('1.4')];
        yield 'cavities' => [
            'cavity-collision.1',
            ['cavities' => [self::CAVITY, ['length' => '40', 'width' => '20', 'across' => '-53'] + self::CAVITY]],
            ['cavities' => [self::CAVITY, ['length' => '40', 'width' => '20', 'across' => '-60'] + self::CAVITY]],
        ];
    }

    /**
     * @param  array<string, mixed>  $worrying
     * @param  array<string, mixed>  $impossible
     */
    #[DataProvider('severities')]
    public function test_what_is_worrying_warns_and_what_cannot_be_stops(
        string $key,
        array $worrying,
        array $impossible,
    ): void {
        self::assertSame(Severity::Warn, self::find($worrying, $key)?->severity);
        self::assertSame(Severity::Stop, self::find($impossible, $key)?->severity);
    }

    /** @return array<string, mixed> a flat-top with a top so thick */
    private static function plate(string $thick): array
    {
        return [
            'type' => 'flat-top',
            'nutWidth' => '44',
            'layers' => [
                ['timber' => 'Sitka spruce', 'thickness' => $thick],
                ['timber' => 'Indian rosewood', 'thickness' => '98'],
            ],
        ];
    }

    /** @param  array<string, mixed>  $typed */
    private static function find(array $typed, string $key): ?Finding
    {
        $read = SpecificationReader::read(['nutWidth' => '43', ...$typed]);
        self::assertSame([], $read->problems);
        foreach (RuleBook::judge(Workings::from($read)) as $finding) {
            if ($finding->key === $key) {
                return $finding;
            }
        }

        return null;
    }
}
