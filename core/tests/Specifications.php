<?php

declare(strict_types=1);

namespace Regimen\Tests;

use Regimen\Figures\Workings;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\Layer;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** Specifications for tests: a plain six-string, varied by name. */
final class Specifications
{
    private const PLAIN = [
        'type' => 'guitar', 'strings' => '6', 'scale' => '25 1/2"', 'frets' => '22', 'nutWidth' => '43',
        'neckTimber' => 'sugar maple', 'boardTimber' => 'Indian rosewood',
        'layers' => [['timber' => 'red alder', 'thickness' => '45']],
        'electronics' => 'volume, tone, three-way switch',
    ];

    /** @param  array<string, mixed>  $change  typed, or as the core holds it */
    public static function read(array $change = []): ReadSpecification
    {
        if (is_int($change['pickups'] ?? null)) {
            $change['pickups'] = array_map(
                static fn (int $index): array => ['place' => "number {$index}", 'kind' => 'single-coil'],
                $change['pickups'] > 0 ? range(1, $change['pickups']) : [],
            );
        }

        return SpecificationReader::read([...self::PLAIN, ...array_map(self::typed(...), $change)]);
    }

    /** @param  array<string, mixed>  $change */
    public static function sixString(array $change = []): Specification
    {
        return self::read($change)->orFail();
    }

    /** @param  array<string, mixed>  $change */
    public static function workings(array $change = []): Workings
    {
        return Workings::from(self::read($change));
    }

    private static function typed(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Species => $value->name,
            $value instanceof Layer => ['timber' => $value->timber->name, 'thickness' => (string) $value->thickness],
            $value instanceof \Stringable => (string) $value,
            is_array($value) => array_map(self::typed(...), $value),
            default => $value,
        };
    }

    /**
     * @return iterable<string, array{Specification}> every joint × body × finish of electric instruments, coloured or
     *   not, lacquered board or not
     */
    public static function all(): iterable
    {
        foreach (NeckJoint::cases() as $joint) {
            foreach ([BodyConstruction::Solid, BodyConstruction::Chambered] as $body) {
                foreach (FinishSystem::cases() as $finish) {
                    foreach ([
                        ['sugar maple', 'black'], ['sugar maple', ''], ['Indian rosewood', 'black'],
                    ] as [$board, $colour]) {
                        yield "{$joint->value}, {$body->value}, {$finish->value}, {$board} board, ".($colour ?: 'natural') => [self::sixString([
                            'joint' => $joint, 'body' => $body, 'finish' => $finish, 'colour' => $colour,
                            'boardTimber' => $board,
                            'layers' => $body === BodyConstruction::Solid
                                ? [self::layer('white ash', 45)]
                                : [self::layer('black walnut', 6), self::layer('white ash', 39)],
                        ])];
                    }
                }
            }
        }
    }

    /**
     * Instruments and methods drawn at random; only those that can be read.
     *
     * @return iterable<int, array{Specification, Methods}>
     */
    public static function drawn(int $count, int $seed): iterable
    {
        mt_srand($seed);
        $any = static fn (array $list): mixed => $list[mt_rand(0, count($list) - 1)];
        $timbers = Species::names();
        for ($drawn = 0; $drawn < $count;) {
            $layers = array_map(
                static fn (int $index): Layer => self::layer($any($timbers), $index === 0 ? 8 : 36 / mt_rand(1, 2)),
                range(0, mt_rand(0, 2)),
            );
            $type = $any(['guitar', 'guitar', 'bass', 'flat-top']);
            $specification = self::read([
                'type' => $type, 'scale' => $type === 'bass' ? '34"' : '25 1/2"',
                'strings' => $any(['4', '5', '6', '6', '7', '8']), 'frets' => $any(['20', '22', '24']),
                'zeroFret' => $any(['no', 'yes']), 'nutWidth' => $any(['42', '48', '54']),
                'joint' => $any(NeckJoint::cases()),
                'body' => $type === 'flat-top' ? BodyConstruction::FlatTop : $any([BodyConstruction::Solid, BodyConstruction::Chambered, BodyConstruction::SemiHollow]),
                'bridge' => $any(['', '', 'single_bridges']), 'bridgeRecess' => $any(['0', '3']), 'rods' => $any(['1', '1', '2']),
                'scaleTreble' => $type === 'bass' ? $any(['', '32"']) : $any(['', '', '24 3/4"']),
                'weightRelief' => $any(['no', 'yes']),
                'finish' => $any(FinishSystem::cases()), 'colour' => $any(['', 'black', 'amber burst', 'walnut stain']),
                'boardFinish' => $any(['by_timber', 'lacquered', 'oiled', 'bare']),
                'neckFinish' => $any(['as_the_body', 'oil', 'bare']),
                'neckTimber' => $any($timbers), 'boardTimber' => $any($timbers), 'layers' => $layers,
                'bodyPieces' => $any(['1', '2', '3']), 'pickups' => mt_rand(0, 3),
                'shielding' => $any(['none', 'foil', 'paint']), 'aged' => $drawn % 5 === 0 ? 'yes' : 'no',
                'pickupsWound' => $drawn % 4 === 0 ? 'yes' : 'no',
                'laminations' => $any(['1', '1', '3', '5']), 'neckMoisture' => $any(['', '8', '14']),
                'stiffeningRods' => $any(['no', 'yes']), 'rodLength' => $any(['0', '440']),
                'volute' => $any(['no', 'yes']), 'veneer' => $any(['0', '2']),
                'headstock' => $any(['angled', 'flat', 'angled', 'flat', 'headless']), 'tuners' => '', 'headConstruction' => $any(['scarf', 'one_piece']),
                'tunerLayout' => $any(['in_line', 'both_sides']), 'markers' => $any(['none', 'dot', 'block']),
                'sideMarkers' => $any(['0', '2']),
                'boardBinding' => $any(['0', '0', '1.5']), 'bodyBinding' => $any(['0', '0', '2']),
            ])->specification;
            if ($specification === null) {
                continue;
            }
            $answers = [];
            foreach (Question::cases() as $question) {
                $answers[$question->value] = $any($question->choices())->key;
            }
            yield $drawn++ => [$specification, Methods::of($answers)];
        }
    }

    public static function layer(string $timber, float $mm): Layer
    {
        return new Layer(Species::named($timber), Length::ofMillimetres($mm));
    }
}
