<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Finding;

/** Limits of the rest. */
final class OtherLimits
{
    private const PICKUP = ['place' => 'bridge', 'kind' => 'humbucker', 'position' => '45', 'depth' => '20'];

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed inside the
     *   limit, typed outside it
     */
    public static function limits(): iterable
    {
        yield 'floor under chambers' => [
            'chamber-floor', LimitsTest::CHAMBERED + ['chamberDepth' => '35'], LimitsTest::CHAMBERED + ['chamberDepth' => '35.1'],
        ];
        yield 'share of the chambers' => [
            'chamber-share', LimitsTest::CHAMBERED + ['chamberShare' => '45'], LimitsTest::CHAMBERED + ['chamberShare' => '46'],
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
        yield 'gaps of a bass’s strings' => ['string-gaps', LimitsTest::bass('34.7'), LimitsTest::bass('34.6')];
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
                    LimitsTest::CAVITY,
                    [
                        'kind' => 'battery', 'depth' => '22', 'length' => '55', 'width' => '30', 'behind' => '-60',
                        'across' => '60',
                    ],
                ],
            ],
            ['battery' => 'yes', 'cavities' => [LimitsTest::CAVITY]],
        ];
        yield 'controls with their room' => [
            'control-cavity',
            ['cavities' => [['kind' => 'switch'] + LimitsTest::CAVITY]],
            ['cavities' => [['kind' => 'jack'] + LimitsTest::CAVITY]],
        ];
        yield 'one scale said twice' => [
            'fanned-bridge', ['scale' => '630', 'scaleTreble' => '630'], ['scale' => '630', 'scaleTreble' => '629'],
        ];
        yield 'timber over and under tuners' => ['side-tuners', ['tuners' => 'through_the_side', 'headThickness' => '18'], ['tuners' => 'through_the_side', 'headThickness' => '17.9']];
        yield 'timber between two rods' => ['two-rods', ['rods' => '2', 'rodSpacing' => '11'], ['rods' => '2', 'rodSpacing' => '10.9']];
    }
}
