<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;

/** Instruments as small shops build them (common practice): nothing stops them, and what is odd about them is said. */
final class UsualInstrumentsTest extends TestCase
{
    use JudgedInstruments;

    private const SINGLES = [
        ['place' => 'neck', 'kind' => 'single-coil', 'resistance' => '6.0k', 'spread' => '50'],
        ['place' => 'middle', 'kind' => 'single-coil', 'resistance' => '6.2k', 'spread' => '51'],
        ['place' => 'bridge', 'kind' => 'single-coil', 'resistance' => '6.8k', 'spread' => '52'],
    ];

    private const BOOKMATCHED = [
        ['timber' => 'bigleaf maple', 'thickness' => '1/4"'],
        ['timber' => 'true mahogany', 'thickness' => '1 1/2"'],
    ];

    /** @return iterable<string, array{array<string, mixed>, list<string>}> typed, warnings that have to be there */
    public static function instruments(): iterable
    {
        yield 'a bolted six-string with three single coils' => [
            [
                'scale' => '25 1/2"', 'nutWidth' => '1 11/16"', 'radius' => '9 1/2"', 'frets' => '22',
                'pickups' => self::SINGLES, 'shielding' => 'paint',
                'layers' => [['timber' => 'red alder', 'thickness' => '1 3/4"']],
            ],
            [],
        ];
        yield 'a set neck with a figured top' => [
            [
                'scale' => '24 3/4"', 'joint' => 'set', 'neckTimber' => 'true mahogany', 'outline' => 'pebble',
                'tunerLayout' => 'both_sides', 'tunerSpacing' => '38', 'layers' => self::BOOKMATCHED,
                'bodyCut' => 'quarter-sawn', 'finish' => 'nitrocellulose', 'colour' => 'amber burst',
            ],
            [],
        ];
        yield 'a neck set at three degrees under a tall bridge' => [
            [
                'joint' => 'set', 'neckAngle' => '3', 'bridge' => 'on_studs', 'bridgeLeast' => '16',
                'bridgeMost' => '30', 'heelThickness' => '20', 'stringPath' => 'at_a_tailpiece', 'tailDistance' => '42',
            ],
            [],
        ];
        yield 'a semi-hollow one with a symmetric body' => [
            [
                'body' => 'semi-hollow',
                'outline' => 'leaf',
                'bodyWidth' => '370',
                'layers' => [
                    ['timber' => 'sugar maple', 'thickness' => '5'], ['timber' => 'Spanish-cedar', 'thickness' => '40'],
                ],
                'bodyCut' => 'quarter-sawn',
            ],
            [],
        ];
        yield 'a baritone' => [
            ['scale' => '27 1/2"', 'tuning' => 'B3 F#3 D3 A2 E2 B1', 'gauges' => '13 17 26w 36w 46w 64w'],
            [],
        ];
        yield 'a seven-string with 24 frets' => [
            [
                'strings' => '7', 'frets' => '24', 'joinFret' => '18', 'markerDiameter' => '4.5', 'scale' => '26 1/2"',
                'stiffeningRods' => 'yes',
            ],
            [],
        ];
        yield 'an eight-string' => [
            [
                'strings' => '8', 'frets' => '24', 'joinFret' => '18', 'markerDiameter' => '4.5', 'scale' => '28"',
                'headstock' => 'angled', 'stiffeningRods' => 'yes',
            ],
            [],
        ];
        yield 'a twelve-string without stiffening' => [
            [
                'strings' => '12', 'nutWidth' => '48', 'tunerLayout' => 'both_sides', 'tunerSpacing' => '25',
                'stiffeningRods' => 'no',
            ],
            ['total-pull'],
        ];
        yield 'a tenor' => [
            [
                'strings' => '4', 'scale' => '23"', 'nutWidth' => '33', 'tuning' => 'A4 D4 G3 C3',
                'gauges' => '9 13 22w 34w', 'bridgeSpread' => '33', 'frets' => '19', 'joinFret' => '14',
                'rodLength' => '380',
            ],
            [],
        ];
        yield 'a left-handed one' => [['hand' => 'left', 'frets' => '21'], []];
        yield 'a compound radius' => [['radius' => '10"', 'radiusEnd' => '16"', 'actionTreble' => '1.4'], []];
        yield 'a vintage radius and a usual action' => [['radius' => '7 1/4"', 'actionTreble' => '1.7'], []];
        yield 'a zero fret' => [['zeroFret' => 'yes', 'nutAction' => '0.1'], []];
        yield 'a lacquered maple board' => [
            [
                'boardTimber' => 'sugar maple', 'finish' => 'nitrocellulose',
                'layers' => [['timber' => 'white ash', 'thickness' => '44']],
            ],
            [],
        ];
        yield 'a vibrato let into the body' => [
            ['bridge' => 'vibrato', 'bridgeLeast' => '9', 'bridgeMost' => '17', 'cavities' => [
                [
                    'kind' => 'control', 'depth' => '38', 'length' => '110', 'width' => '42', 'behind' => '10',
                    'across' => '-92',
                ],
                [
                    'kind' => 'springs', 'depth' => '16', 'length' => '100', 'width' => '58', 'behind' => '-55',
                    'across' => '0',
                ],
            ]],
            [],
        ];
        yield 'a thin body' => [
            [
                'layers' => [['timber' => 'limba', 'thickness' => '38']],
                'heelThickness' => '22',
                'pocketDepth' => '14',
                'screwLength' => '40',
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '31', 'length' => '110', 'width' => '42', 'behind' => '10',
                        'across' => '-92',
                    ],
                ],
            ],
            [],
        ];
        yield 'a bolted bass' => [['type' => 'bass', 'scale' => '34"', 'nutWidth' => '1 1/2"', 'frets' => '21'], []];
        yield 'a short bass' => [['type' => 'bass', 'scale' => '30"', 'frets' => '20', 'rodLength' => '520'], []];
        yield 'a five-string bass' => [
            [
                'type' => 'bass', 'strings' => '5', 'scale' => '35"', 'lastWidth' => '72', 'guided' => '4',
                'stiffeningRods' => 'yes',
            ],
            [],
        ];
        yield 'a six-string bass' => [
            [
                'type' => 'bass', 'strings' => '6', 'scale' => '34"', 'nutWidth' => '54', 'lastWidth' => '85',
                'tunerLayout' => 'both_sides', 'guided' => '0', 'headstock' => 'angled', 'stiffeningRods' => 'yes',
            ],
            [],
        ];
        yield 'a through-neck bass' => [
            ['type' => 'bass', 'joint' => 'through', 'laminations' => '5', 'neckTimber' => 'sugar maple'],
            [],
        ];
        yield 'a flat-top with fourteen frets free' => [
            ['type' => 'flat-top', 'bodyCut' => 'quarter-sawn'], [],
        ];
        yield 'a flat-top with twelve strings' => [
            [
                'type' => 'flat-top', 'strings' => '12', 'nutWidth' => '48', 'stiffeningRods' => 'yes',
                'tunerSpacing' => '26', 'bodyCut' => 'quarter-sawn',
            ],
            [],
        ];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $expected
     */
    #[DataProvider('instruments')]
    public function test_nothing_stops_what_is_built_every_day(array $typed, array $expected): void
    {
        $findings = self::judge($typed);
        $stops = array_filter($findings, static fn (Finding $finding): bool => $finding->severity === Severity::Stop);
        self::assertSame(
            [],
            array_values(
                array_map(static fn (Finding $finding): string => "{$finding->key}: {$finding->figures}", $stops),
            ),
        );
        $warnings = array_map(
            static fn (Finding $finding): string => $finding->key,
            array_filter($findings, static fn (Finding $finding): bool => $finding->severity === Severity::Warn),
        );
        foreach ($expected as $key) {
            self::assertContains($key, $warnings);
        }
        self::assertLessThanOrEqual(count($expected) + 1, count($warnings), implode(', ', $warnings));
    }
}
