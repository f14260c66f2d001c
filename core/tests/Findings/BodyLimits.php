<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Finding;

/** Limits of what is checked next: strings, bridge and body. */
final class BodyLimits
{
    private const PICKUP = ['place' => 'bridge', 'kind' => 'humbucker', 'position' => '45', 'depth' => '20'];

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, typed inside the
     *   limit, typed outside it
     */
    public static function limits(): iterable
    {
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
            ['cavities' => [['depth' => '39'] + LimitsTest::CAVITY]],
            ['cavities' => [['depth' => '39.1'] + LimitsTest::CAVITY]],
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
    }
}
