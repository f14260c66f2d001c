<?php

declare(strict_types=1);

namespace Regimen\Tests;

use Regimen\Figures\Workings;
use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\FinishSystem;
use Regimen\Instrument\Layer;
use Regimen\Instrument\NeckJoint;
use Regimen\Instrument\ReadSpecification;
use Regimen\Instrument\Specification;
use Regimen\Instrument\SpecificationReader;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** Specifications for tests: a plain six-string, varied by name. */
final class Specifications
{
    private const PLAIN = [
        'type' => 'guitar', 'strings' => '6', 'scale' => '25 1/2"', 'frets' => '22', 'nutWidth' => '43',
        'neckTimber' => 'sugar maple', 'boardTimber' => 'Indian rosewood', 'layers' => [['timber' => 'red alder', 'thickness' => '45']],
        'electronics' => 'volume, tone, three-way switch',
    ];

    /** @param  array<string, mixed>  $change  typed, or as the core holds it */
    public static function read(array $change = []): ReadSpecification
    {
        if (is_int($change['pickups'] ?? null)) {
            $change['pickups'] = array_map(static fn (int $index): array => ['place' => "number {$index}", 'kind' => 'single-coil'], $change['pickups'] > 0 ? range(1, $change['pickups']) : []);
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
        return Workings::of(self::read($change));
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

    /** @return iterable<string, array{Specification}> every joint × body × finish of electric instruments, coloured or not, lacquered board or not */
    public static function all(): iterable
    {
        foreach (NeckJoint::cases() as $joint) {
            foreach ([BodyConstruction::Solid, BodyConstruction::Chambered] as $body) {
                foreach (FinishSystem::cases() as $finish) {
                    foreach ([['sugar maple', 'black'], ['sugar maple', ''], ['Indian rosewood', 'black']] as [$board, $colour]) {
                        yield "{$joint->value}, {$body->value}, {$finish->value}, {$board} board, ".($colour ?: 'natural') => [self::sixString([
                            'joint' => $joint, 'body' => $body, 'finish' => $finish, 'colour' => $colour, 'boardTimber' => $board,
                            'layers' => $body === BodyConstruction::Solid ? [self::layer('white ash', 45)] : [self::layer('black walnut', 6), self::layer('white ash', 39)],
                        ])];
                    }
                }
            }
        }
    }

    public static function layer(string $timber, float $mm): Layer
    {
        return new Layer(Species::named($timber), Length::ofMillimetres($mm));
    }
}
