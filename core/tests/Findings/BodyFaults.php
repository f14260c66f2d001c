<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Finding;
use Regimen\Findings\Severity;

/** Faults of body, strings, bridge, switching and finish, and what fixes them. */
final class BodyFaults
{
    /**
     * @return iterable<string, array{string, Severity, array<string, mixed>}> the finding's key, how bad, what is
     *   typed
     */
    public static function faults(): iterable
    {
        $stop = Severity::Stop;
        $warn = Severity::Warn;
        $note = Severity::Note;
        yield 'a tiny capacitor' => ['capacitor-value', $warn, ['capacitors' => '0.1 nF']];
        yield 'pots for other pickups' => ['pots', $warn, ['pots' => '100k 100k']];
        yield 'a position without a pickup' => ['switch-pickup', $stop, ['switch' => 'neck, middle, bridge']];
        yield 'a silent pickup' => ['switch-silent', $stop, ['switch' => 'bridge']];
        yield 'two of one name' => [
            'pickup-names',
            $stop,
            ['pickups' => [[...NeckFaults::SINGLE, 'position' => '40'], [...NeckFaults::SINGLE, 'position' => '120']]],
        ];
        yield 'ohms for kilohms' => [
            'pickup-resistance.0', $warn, ['pickups' => [[...NeckFaults::SINGLE, 'resistance' => '8.2 ohm']]],
        ];
        yield 'a piezo alone' => [
            'battery',
            $warn,
            ['pickups' => [['place' => 'bridge', 'kind' => 'piezo', 'position' => '5']]],
        ];
        yield 'a battery nowhere' => ['battery-room', $warn, ['battery' => 'yes']];
        yield 'controls nowhere' => ['control-cavity', $stop, ['cavities' => []]];
        yield 'hollow without access' => ['access', $warn, NeckFaults::CHAMBERED + ['cavities' => []]];
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
            'switch-split', $stop, ['pickups' => [NeckFaults::SINGLE], 'switch' => 'bridge, bridge split'],
        ];
        yield 'too dear' => ['budget', $warn, ['budget' => '100']];
        yield 'hum' => ['hum', $note, ['pickups' => [NeckFaults::SINGLE]]];
        yield 'a wish that nobody heard' => ['wish', $note, ['wishes' => 'Quiet on stage.']];
    }
}
