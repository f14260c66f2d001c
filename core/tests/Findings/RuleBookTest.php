<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Checks\TriedMends;
use Regimen\Findings\Finding;
use Regimen\Findings\Mend;
use Regimen\Findings\Severity;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Neck\TunerLayout;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Money;

/**
 * Every check is made to speak, and every mend that it proposes is tried. Limits are common practice unless a source is
 * named beside the check.
 */
final class RuleBookTest extends TestCase
{
    /** What no figure mends: timber has to settle, a flat-top’s route is not known. */
    private const FOR_PEOPLE = ['settled.neckMoisture', 'route-flat-top'];

    private const SINGLE = ['place' => 'bridge', 'kind' => 'single-coil'];

    /**
     * @return iterable<string, array{string, Severity, array<string, mixed>}> the finding's key, how bad, what is
     *   typed
     */
    public static function faults(): iterable
    {
        $stop = Severity::Stop;
        $warn = Severity::Warn;
        $note = Severity::Note;
        yield 'two scales' => ['multi-scale', $stop, ['scaleTreble' => '630']];
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
        yield 'a tiny capacitor' => ['capacitor-value', $warn, ['capacitors' => '0.1 nF']];
        yield 'pots for other pickups' => ['pots', $warn, ['pots' => '100k 100k']];
        yield 'a position without a pickup' => ['switch-pickup', $stop, ['switch' => 'neck, middle, bridge']];
        yield 'a silent pickup' => ['switch-silent', $stop, ['switch' => 'bridge']];
        yield 'two of one name' => [
            'pickup-names',
            $stop,
            ['pickups' => [[...self::SINGLE, 'position' => '40'], [...self::SINGLE, 'position' => '120']]],
        ];
        yield 'ohms for kilohms' => [
            'pickup-resistance.0', $warn, ['pickups' => [[...self::SINGLE, 'resistance' => '8.2 ohm']]],
        ];
        yield 'a piezo alone' => [
            'battery',
            $warn,
            ['pickups' => [['place' => 'bridge', 'kind' => 'piezo', 'position' => '5']]],
        ];
        yield 'a battery nowhere' => ['battery-room', $warn, ['battery' => 'yes']];
        yield 'controls nowhere' => ['control-cavity', $stop, ['cavities' => []]];
        yield 'hollow without access' => ['access', $warn, self::CHAMBERED + ['cavities' => []]];
        yield 'wet timber' => ['settled.neckMoisture', $warn, ['neckMoisture' => '14 %']];
        yield 'layers that move apart' => [
            'season-layers',
            $warn,
            [
                'layers' => [
                    ['timber' => 'sugar maple', 'thickness' => '6'], ['timber' => 'true mahogany', 'thickness' => '39'],
                ],
            ],
        ];
        yield 'a top that moves' => [
            'season-movement', $note, ['layers' => [['timber' => 'sugar maple', 'thickness' => '45']]],
        ];
        yield 'protected timber' => ['protected', $note, []];
        yield 'open pores' => [
            'open-pores',
            $warn,
            [
                'finish' => 'nitrocellulose', 'grainFill' => 'left_open',
                'layers' => [['timber' => 'white ash', 'thickness' => '45']],
            ],
        ];
        yield 'oil under lacquer' => [
            'oily-timber', $warn, ['finish' => 'nitrocellulose', 'neckTimber' => 'purpleheart'],
        ];
        yield 'lacquer on rosewood' => [
            'oily-board', $warn, ['finish' => 'nitrocellulose', 'boardFinish' => 'lacquered'],
        ];
        yield 'lacquer without lacquer' => ['board-lacquer', $stop, ['boardFinish' => 'lacquered']];
        yield 'two finishes at a heel' => [
            'neck-finish',
            $warn,
            ['finish' => 'nitrocellulose', 'joint' => 'set', 'neckFinish' => 'oil'],
        ];
        yield 'a bound lacquered board' => [
            'bound-lacquer',
            $note,
            ['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple', 'boardBinding' => '1.5'],
        ];
        yield 'colour on nothing' => ['neck-colour', $warn, ['neckColour' => 'amber', 'neckFinish' => 'bare']];
        yield 'a burst by hand' => ['burst', $note, ['colour' => 'amber burst']];
        yield 'actions swapped' => ['action-swapped', $warn, ['actionTreble' => '2.2']];
        yield 'very low' => ['action-low', $warn, ['actionTreble' => '0.9']];
        yield 'bends that choke' => ['choke', $warn, ['radius' => '7 1/4"', 'actionTreble' => '1.4']];
        yield 'a bow' => ['relief', $warn, ['relief' => '0.6']];
        yield 'no outline' => ['outline', $stop, ['outline' => 'imported']];
        yield 'an outline' => [
            'outline',
            $note,
            ['outline' => 'imported', 'outlineSvg' => 'M0 50 C0 -20 400 -20 400 50 C400 120 0 120 0 50 Z'],
        ];
        yield 'a flat-top' => ['route-flat-top', $warn, ['type' => 'flat-top']];
        yield 'a soft board' => ['soft.boardTimber', $stop, ['boardTimber' => 'okoume']];
        yield 'wide slots' => ['slot-wide', $stop, ['slotWidth' => '1.2', 'crownWidth' => '1']];
        yield 'a pair off the board' => ['marker-pair', $stop, ['markerOffset' => '30']];
        yield 'a pair in one' => ['marker-touch', $warn, ['markerOffset' => '2']];
        yield 'markers beyond the board' => ['marker-frets', $warn, ['markerFrets' => '3 5 36']];
        yield 'large side markers' => ['side-markers', $stop, ['sideMarkers' => '5']];
        yield 'a board that narrows' => ['board-narrows', $warn, ['nutWidth' => '48', 'lastWidth' => '46']];
        yield 'a narrow heel' => ['heel-narrow', $warn, ['heelWidth' => '45']];
        yield 'a short rod' => ['rod-short', $stop, ['rodLength' => '150']];
        yield 'a rod without a channel' => ['rod-channel', $stop, ['rodDepth' => '0']];
        yield 'a thick plain string' => ['string-kind.3', $warn, ['gauges' => '10 13 17 30 36w 46w']];
        yield 'strings from the bass' => [
            'strings-reversed', $stop, ['gauges' => '46w 36w 26w 17 13 10', 'tuning' => 'E2 A2 D3 G3 B3 E4'],
        ];
        yield 'one screw' => ['screws-few', $stop, ['fasteners' => '1']];
        yield 'contradictory tuners' => ['tuner-limits', $stop, ['tunerLeast' => '16', 'tunerMost' => '13']];
        yield 'screws in front' => ['screws-in-front', $stop, ['mountingOffset' => '-8']];
        yield 'a tailpiece in front' => [
            'tail-in-front', $stop, ['stringPath' => 'at_a_tailpiece', 'tailDistance' => '6'],
        ];
        yield 'a vibrato without springs' => ['springs-cavity', $stop, ['bridge' => 'vibrato']];
        yield 'a thin plate' => [
            'flat-top-plate',
            $stop,
            [
                'type' => 'flat-top',
                'layers' => [
                    ['timber' => 'Sitka spruce', 'thickness' => '1'],
                    ['timber' => 'Indian rosewood', 'thickness' => '98'],
                ],
            ],
        ];
        yield 'chambers in a solid body' => ['chambers-solid', $warn, ['chamberDepth' => '20']];
        yield 'pickups the wrong way round' => [
            'pickup-order',
            $warn,
            [
                'pickups' => [
                    ['place' => 'bridge', 'kind' => 'humbucker', 'position' => '45'],
                    ['place' => 'neck', 'kind' => 'humbucker', 'position' => '140'],
                ],
            ],
        ];
        yield 'a cavity in another' => [
            'cavity-collision.1',
            $stop,
            [
                'cavities' => [
                    [
                        'kind' => 'control', 'depth' => '35', 'length' => '100', 'width' => '40', 'behind' => '10',
                        'across' => '-85',
                    ],
                    [
                        'kind' => 'battery', 'depth' => '20', 'length' => '50', 'width' => '30', 'behind' => '10',
                        'across' => '-80',
                    ],
                ],
            ],
        ];
        yield 'a pickup twice' => ['switch-twice', $stop, ['switch' => 'neck, bridge + bridge']];
        yield 'half a single coil' => [
            'switch-split', $stop, ['pickups' => [self::SINGLE], 'switch' => 'bridge, bridge split'],
        ];
        yield 'too dear' => ['budget', $warn, ['budget' => '100']];
        yield 'hum' => ['hum', $note, ['pickups' => [self::SINGLE]]];
        yield 'a wish that nobody heard' => ['wish', $note, ['wishes' => 'Quiet on stage.']];
    }

    private const CHAMBERED = [
        'body' => 'chambered',
        'layers' => [['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39']],
    ];

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('faults')]
    public function test_a_fault_is_found_and_each_mend_mends_it(string $key, Severity $severity, array $typed): void
    {
        $house = HouseDefaults::ofTrade(SpecificationReader::typeOf($typed));
        $finding = self::find($typed, $house, $key);
        self::assertNotNull($finding, "{$key} is found");
        self::assertSame($severity, $finding->severity);
        foreach ([$finding->title, $finding->figures, $finding->because, $finding->source] as $words) {
            self::assertNotSame('', $words);
            self::assertDoesNotMatchRegularExpression('/NAN|INF|-0\.0 /i', $words);
        }
        foreach ($finding->mends as $mend) {
            $after = self::find($mend->appliedTo($typed, $house), $house, $finding->key);
            self::assertNull(
                $after,
                "“{$mend->words}” does away with {$key}; ".($after === null ? '' : $after->figures),
            );
        }
        self::assertSame(
            $severity !== Severity::Note && ! in_array($key, self::FOR_PEOPLE, true),
            $finding->mends !== [] && $severity !== Severity::Note,
            "{$key} offers what mends it: {$finding->unmended}",
        );
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  array<string, mixed>  $house
     */
    private static function find(array $typed, array $house, string $key): ?Finding
    {
        $read = SpecificationReader::read($typed, $house);
        self::assertSame([], $read->problems);
        foreach (RuleBook::judge(Workings::from($read, Money::parse('640', 'EUR'))) as $finding) {
            if ($finding->key === $key || str_starts_with($finding->key, "{$key}.")) {
                return $finding;
            }
        }

        return null;
    }

    public function test_the_rule_book_has_at_least_forty_checks_and_each_of_them_speaks(): void
    {
        self::assertGreaterThanOrEqual(40, count(RuleBook::checks()));
        $silent = [];
        foreach (RuleBook::checks() as $check) {
            $silent[$check::class] = true;
        }
        foreach (self::faults() as [, , $typed]) {
            $workings = Workings::from(SpecificationReader::read($typed), Money::parse('640', 'EUR'));
            foreach (RuleBook::checks() as $check) {
                if (isset($silent[$check::class]) && iterator_to_array($check->judge($workings), false) !== []) {
                    unset($silent[$check::class]);
                }
            }
        }
        self::assertSame([], array_keys($silent));
    }

    /**
     * Every string count that the house has a set for, flat and angled heads, any binding, up to 24 frets, both hands.
     */
    public function test_what_the_trade_takes_when_nothing_is_said_has_neither_stops_nor_warnings(): void
    {
        $judged = 0;
        foreach ([
            'guitar' => [4, 5, 6, 7, 8, 9, 10, 12], 'bass' => [4, 5, 6, 8, 10, 12],
            'flat-top' => [4, 5, 6, 7, 8, 9, 10, 12],
        ] as $type => $counts) {
            foreach ($counts as $strings) {
                foreach (['angled', 'flat'] as $head) {
                    foreach ([['0', '0'], ['1', '1'], ['6', '2']] as [$body, $board]) {
                        foreach (['20', '24'] as $frets) {
                            $typed = [
                                'type' => $type, 'strings' => (string) $strings, 'headstock' => $head,
                                'bodyBinding' => $body, 'boardBinding' => $board, 'frets' => $frets,
                                'hand' => $judged++ % 2 === 0 ? 'right' : 'left',
                            ];
                            $read = SpecificationReader::read($typed);
                            self::assertSame([], $read->problems, json_encode($typed, JSON_THROW_ON_ERROR));
                            $bad = array_filter(
                                RuleBook::findings(Workings::from($read)),
                                static fn (Finding $finding): bool => $finding->severity !== Severity::Note
                                    && $finding->key !== 'route-flat-top',
                            );
                            self::assertSame(
                                [],
                                array_map(
                                    static fn (Finding $finding): string => "{$finding->key}: {$finding->figures}",
                                    $bad,
                                ),
                                json_encode($typed, JSON_THROW_ON_ERROR),
                            );
                        }
                    }
                }
            }
        }
    }

    public function test_twelve_strings_have_their_posts_on_both_sides(): void
    {
        $twelve = SpecificationReader::read(['strings' => '12'])->orFail();
        self::assertSame(TunerLayout::BothSides, $twelve->head->tunerLayout);
        self::assertLessThan(250.0, $twelve->head->headLength->mm);
        self::assertTrue($twelve->neck->stiffeningRods);
        self::assertSame(TunerLayout::InLine, SpecificationReader::read([])->orFail()->head->tunerLayout);
    }

    public function test_the_worst_comes_first(): void
    {
        $ranks = array_map(
            static fn (Finding $finding): int => $finding->severity->rank(),
            RuleBook::judge(
                Workings::from(SpecificationReader::read(['neckAngle' => '2', 'relief' => '0.6', 'capacitors' => '22'])),
            ),
        );
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertGreaterThanOrEqual(4, count($ranks));
    }

    public function test_a_wish_is_answered_by_what_the_client_has_said(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        self::assertNotNull(self::find(['wishes' => 'Light on the shoulder'], $house, 'wish'));
        self::assertNull(self::find(['wishes' => 'Light on the shoulder', 'targetWeight' => '3.3 kg'], $house, 'wish'));
        $unheard = self::find(['wishes' => 'My initials on the back plate'], $house, 'wish');
        self::assertSame([], $unheard?->mends);
        self::assertStringContainsString('initials', (string) $unheard?->figures);
    }

    public function test_a_wish_is_not_cut_at_its_decimal_point(): void
    {
        $house = HouseDefaults::ofTrade(InstrumentType::Guitar);
        $wish = self::find(['wishes' => 'Under 3.6 kg. My initials'], $house, 'wish');
        self::assertStringContainsString('“Under 3.6 kg”', (string) $wish?->figures);
        self::assertSame(['targetWeight' => '3.6 kg'], $wish->mends[0]->changes, 'what was said is what is promised');
    }

    public function test_what_nothing_mends_says_why(): void
    {
        // Nine posts in a row that are wider than any headstock holds: no spacing of these tuners fits.
        $finding = self::find(
            ['tunerWidth' => '60', 'tunerSpacing' => '', 'strings' => '9', 'headLength' => '120', 'firstPost' => '60'],
            HouseDefaults::ofTrade(InstrumentType::Guitar),
            'tuner-spacing',
        );
        self::assertNotNull($finding);
        foreach ($finding->mends as $mend) {
            self::assertNull(
                self::find(
                    $mend->appliedTo(
                        ['tunerWidth' => '60', 'strings' => '9', 'headLength' => '120', 'firstPost' => '60'],
                        HouseDefaults::ofTrade(InstrumentType::Guitar),
                    ),
                    HouseDefaults::ofTrade(InstrumentType::Guitar),
                    'tuner-spacing',
                ),
            );
        }
        $workings = Workings::from(SpecificationReader::read([]));
        $never = Finding::stop('always', 'Always')
            ->says('x')
            ->because('y')
            ->mend('a channel of 14', ['rodDepth' => '14'])->mend(
                'a rod in fathoms', ['rodLength' => 'two fathoms'],
            );
        $tried = TriedMends::tried($workings, [$never])[0];
        self::assertSame([], $tried->mends);
        self::assertStringContainsString('“a channel of 14”: then “Too little timber under the rod”', $tried->unmended);
        self::assertStringContainsString('“a rod in fathoms”: “two fathoms” can\'t be read', $tried->unmended);
    }

    public function test_the_next_way_is_taken_where_the_first_does_not_do(): void
    {
        $workings = Workings::from(SpecificationReader::read(['rodDepth' => '14']));
        $finding = Finding::stop('under-rod', 'x')
            ->says('y')
            ->because('z')
            ->mendBy(
                [
                    ['not enough', ['rodDepth' => '13.9']], ['impossible', null], ['enough', ['rodDepth' => '12']],
                    ['more than enough', ['rodDepth' => '9']],
                ],
            );
        $tried = TriedMends::tried($workings, [...RuleBook::findings($workings), $finding]);
        $mends = $tried[count($tried) - 1]->mends;
        self::assertSame(['enough'], array_map(static fn (Mend $mend): string => $mend->words, $mends));
        self::assertSame([], $mends[0]->otherwise);
    }

    public function test_a_mend_may_add_a_row_behind_the_last(): void
    {
        $house = ['cavities' => [['kind' => 'control', 'depth' => '38']]];
        $mend = new Mend(
            'a battery',
            ['cavities.1.kind' => 'battery', 'cavities.1.depth' => '20', 'cavities.3.depth' => '9'],
        );
        self::assertSame(
            ['cavities' => [['kind' => 'control', 'depth' => '38'], ['kind' => 'battery', 'depth' => '20']]],
            $mend->appliedTo([], $house),
        );
    }
}
