<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Finding;
use Regimen\Findings\Severity;

/** Faults of neck, board, headstock, pickups and chambers, and what fixes them. */
final class NeckFaults
{
    public const SINGLE = ['place' => 'bridge', 'kind' => 'single-coil'];

    public const CHAMBERED = [
        'body' => 'chambered',
        'layers' => [['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
    ];

    /**
     * @return iterable<string, array{string, Severity, array<string, mixed>}> the finding's key, how bad, what is
     *   typed
     */
    public static function faults(): iterable
    {
        $stop = Severity::Stop;
        $warn = Severity::Warn;
        $note = Severity::Note;
        yield 'frets that fan steeply' => ['steep-fan', $warn, ['scale' => '27"', 'scaleTreble' => '24"', 'squareFret' => '10']];
        yield 'one bridge under a fan' => ['fanned-bridge', $warn, ['scaleTreble' => '630']];
        yield 'a vibrato under a fan' => ['fanned-bridge', $stop, ['scaleTreble' => '630', 'bridge' => 'vibrato']];
        yield 'wide single bridges' => ['single-bridges', $stop, ['bridge' => 'single_bridges', 'singleWidth' => '12']];
        yield 'single bridges that touch nearly' => ['single-bridges', $warn, ['bridge' => 'single_bridges', 'singleWidth' => '10.1', 'spacing' => 'equal_centres']];
        yield 'single bridges let in deep' => ['single-recess', $warn, ['bridge' => 'single_bridges', 'bridgeRecess' => '28', 'layers' => [['timber' => 'red alder', 'thickness' => '34']]]];
        yield 'tuners through a thin side' => ['side-tuners', $warn, ['tuners' => 'through_the_side', 'headThickness' => '15']];
        yield 'two rods beside each other' => ['two-rods', $warn, ['rods' => '2', 'rodSpacing' => '10']];
        yield 'two rods in one channel' => ['two-rods', $stop, ['rods' => '2', 'rodSpacing' => '6']];
        yield 'a deep channel' => ['under-rod', $stop, ['rodDepth' => '14']];
        yield 'a rod too long' => ['rod-length', $stop, ['rodLength' => '520']];
        yield 'no rod at all' => ['no-rod', $warn, ['rodLength' => '0']];
        yield 'a wide channel' => ['rod-width', $warn, ['rodWidth' => '15', 'nutWidth' => '38']];
        yield 'a small radius on a thin board' => [
            'board-edge', $stop, ['radius' => '7 1/4"', 'boardThickness' => '4.2'],
        ];
        yield 'shallow slots' => ['slot-shallow', $stop, ['slotDepth' => '1.5']];
        yield 'deep slots' => ['slot-deep', $stop, ['slotDepth' => '5.8']];
        yield 'thin markers' => ['marker-depth', $warn, ['markerThickness' => '1']];
        yield 'sunk markers' => ['marker-sunk', $warn, ['markerDepth' => '2.5']];
        yield 'deep marker holes' => ['marker-floor', $warn, ['markerDepth' => '5.5', 'markerThickness' => '5.5']];
        yield 'wide markers' => ['marker-room', $warn, ['markerDiameter' => '9.5']];
        yield 'a wide bridge' => ['outer-strings', $stop, ['bridgeSpread' => '60', 'lastWidth' => '55']];
        yield 'a crowded nut' => ['string-gaps', $warn, ['nutWidth' => '37']];
        yield 'flat over the nut' => ['break-angle', $warn, ['headstock' => 'flat', 'guided' => '0']];
        yield 'steep over the nut' => ['break-steep', $note, ['headAngle' => '20']];
        yield 'posts far outside' => ['side-angle', $warn, ['posts' => '60/-40 60/-5 90/-1 90/1 60/5 42/9']];
        yield 'a guide behind the posts' => ['guide-place', $stop, ['guided' => '6', 'guideAt' => '60']];
        yield 'a thick headstock' => ['headstock-thickness', $stop, ['headThickness' => '19']];
        yield 'a thin headstock' => ['headstock-thin', $warn, ['headThickness' => '12.5']];
        yield 'tuners that touch' => ['tuner-spacing', $stop, ['tunerSpacing' => '15']];
        yield 'a short headstock' => ['posts-on-headstock', $stop, ['headLength' => '170']];
        yield 'a steep headstock of one piece' => [
            'headstock-stock', $warn, ['headConstruction' => 'one_piece', 'headAngle' => '14'],
        ];
        yield 'depths the wrong way round' => [
            'neck-taper', $warn, ['thicknessFirst' => '23', 'thicknessTwelfth' => '21'],
        ];
        yield 'a depth off the neck' => ['depth-curve', $stop, ['depthCurve' => '7/60']];
        yield 'a soft neck on the flat' => [
            'neck-cut', $warn, ['neckTimber' => 'true mahogany', 'neckCut' => 'flat-sawn'],
        ];
        yield 'a bridge beyond its travel' => ['bridge-range', $stop, ['neckAngle' => '2']];
        yield 'a bridge near its end' => ['bridge-range', $warn, ['bridgeMost' => '13']];
        yield 'a bridge too far forward' => ['saddle-travel', $stop, ['saddleFront' => '-12']];
        yield 'a bridge off the body' => ['bridge-on-body', $stop, ['joinFret' => '12', 'bodyWidth' => '200']];
        yield 'a tailpiece off the body' => [
            'tail-on-body', $stop, ['stringPath' => 'at_a_tailpiece', 'tailDistance' => '250'],
        ];
        yield 'a pickup under the board' => [
            'pickup-room.0',
            $stop,
            ['pickups' => [['place' => 'neck', 'kind' => 'humbucker', 'position' => '170']]],
        ];
        yield 'a pickup in the bridge' => [
            'pickup-bridge.0', $stop, ['pickups' => [[...self::SINGLE, 'position' => '8']]],
        ];
        yield 'wide poles' => [
            'pickup-spread.0',
            $warn,
            ['pickups' => [[...self::SINGLE, 'position' => '40', 'spread' => '60']]],
        ];
        yield 'a long pocket' => ['pickup-pocket.0', $warn, ['pocketLength' => '84']];
        yield 'a deep pickup' => ['pickup-floor.0', $stop, ['pickups' => [[...self::SINGLE, 'depth' => '43']]]];
        yield 'a deep cavity' => [
            'cavity-floor.0',
            $stop,
            [
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '43', 'length' => '100', 'width' => '40', 'behind' => '10',
                        'across' => '-85',
                    ],
                ],
            ],
        ];
        yield 'a cavity outside' => [
            'cavity-inside.0',
            $stop,
            [
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '35', 'length' => '100', 'width' => '40', 'behind' => '10',
                        'across' => '-150',
                    ],
                ],
            ],
        ];
        yield 'a deep pocket' => ['pocket-floor', $warn, ['pocketDepth' => '35', 'heelThickness' => '43']];
        yield 'a narrow pocket' => ['pocket-fit', $stop, ['pocketWidth' => '55', 'heelWidth' => '55.6']];
        yield 'a loose pocket' => ['pocket-loose', $warn, ['pocketWidth' => '57', 'heelWidth' => '55.6']];
        yield 'a short joint' => ['joint-length', $warn, ['pocketLength' => '40']];
        yield 'long screws' => ['neck-screws', $stop, ['screwLength' => '55']];
        yield 'short screws' => ['neck-screws', $warn, ['screwLength' => '35']];
        yield 'layers that do not add up' => [
            'layers',
            $stop,
            [
                'bodyThickness' => '45',
                'layers' => [
                    ['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '38'],
                ],
            ],
        ];
        yield 'a veneer for a layer' => [
            'thin-layer.0',
            $warn,
            [
                'layers' => [
                    ['timber' => 'black walnut', 'thickness' => '1'], ['timber' => 'white ash', 'thickness' => '44'],
                ],
            ],
        ];
        yield 'deep chambers' => ['chamber-floor', $stop, self::CHAMBERED + ['chamberDepth' => '38']];
        yield 'a thin top' => [
            'chamber-top',
            $warn,
            [
                'layers' => [
                    ['timber' => 'black walnut', 'thickness' => '2.5'], ['timber' => 'white ash', 'thickness' => '42'],
                ],
            ] + self::CHAMBERED,
        ];
        yield 'all chamber' => ['chamber-share', $warn, self::CHAMBERED + ['chamberShare' => '60']];
        yield 'a round through the binding' => ['edge-binding', $warn, ['bodyBinding' => '1.5', 'edgeRadius' => '3']];
        yield 'edges that meet' => ['edge-radius', $stop, ['edgeRadius' => '24']];
        yield 'a long way round' => ['binding-length', $note, ['bodyBinding' => '1.5', 'bodyWidth' => '400']];
        yield 'tall binding' => ['binding-height', $stop, ['bodyBinding' => '1.5', 'bodyBindingHeight' => '30']];
        yield 'binding over contours' => ['binding-contour', $note, ['bodyBinding' => '4']];
        yield 'short pots' => ['pot-thread', $stop, ['controlTop' => '9']];
        yield 'a paper-thin top' => ['control-top', $warn, ['controlTop' => '1.5']];
        yield 'a short jack' => ['jack-thread', $stop, ['jackWall' => '8']];
        yield 'a slack string' => ['tension.0', $warn, ['gauges' => '7 13 17 26w 36w 46w']];
        yield 'a tight string' => ['tension.5', $warn, ['gauges' => '10 13 17 26w 36w 65w']];
        yield 'an uneven set' => ['uneven-set', $warn, ['gauges' => '9 13 17 28w 38w 52w']];
        yield 'a great pull' => [
            'total-pull', $warn, ['strings' => '12', 'nutWidth' => '48', 'stiffeningRods' => 'no'],
        ];
        yield 'wound bass strings' => ['string-mass', $note, ['type' => 'bass']];
        yield 'heavier than promised' => ['target-weight', $warn, ['targetWeight' => '2.9 kg']];
        yield 'heavy' => ['weight', $note, ['layers' => [['timber' => 'purpleheart', 'thickness' => '45']]]];
        yield 'it dips' => ['balance', $warn, ['strapButton' => '700']];
        yield 'microfarads' => ['capacitor-unit', $stop, ['capacitors' => '22']];
    }
}
