<?php

declare(strict_types=1);

namespace Regimen\Tests;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\FinishSystem;
use Regimen\Instrument\Hand;
use Regimen\Instrument\InstrumentType;
use Regimen\Instrument\Layer;
use Regimen\Instrument\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Timber\Species;
use Regimen\Units\Length;

/** Specifications for tests: a plain six-string, varied by name. */
final class Specifications
{
    /** @param  array<string, mixed>  $change */
    public static function sixString(array $change = []): Specification
    {
        return new Specification(...[
            'type' => InstrumentType::Guitar,
            'strings' => 6,
            'hand' => Hand::Right,
            'scale' => Length::parse('25 1/2'),
            'frets' => 22,
            'nutWidth' => Length::parse('43'),
            'boardLength' => null,
            'joint' => NeckJoint::BoltOn,
            'body' => BodyConstruction::Solid,
            'neckTimber' => Species::named('sugar maple'),
            'boardTimber' => Species::named('Indian rosewood'),
            'layers' => [new Layer(Species::named('red alder'), Length::ofMillimetres(45))],
            'finish' => FinishSystem::WipingOil,
            'colour' => '',
            'pickups' => 2,
            'electronics' => 'volume, tone, three-way switch',
            'wishes' => '',
            ...$change,
        ]);
    }

    /** @return iterable<string, array{Specification}> every joint × body × finish × board × colour of the slice */
    public static function all(): iterable
    {
        foreach (NeckJoint::cases() as $joint) {
            foreach (BodyConstruction::cases() as $body) {
                foreach (FinishSystem::cases() as $finish) {
                    foreach (['sugar maple', 'Indian rosewood'] as $board) {
                        foreach (['', 'black'] as $colour) {
                            yield "{$joint->value}, {$body->value}, {$finish->value}, {$board} board, ".($colour ?: 'natural') => [self::sixString([
                                'joint' => $joint, 'body' => $body, 'finish' => $finish, 'colour' => $colour,
                                'boardTimber' => Species::named($board),
                                'layers' => $body === BodyConstruction::Solid ? [self::layer('white ash', 45)] : [self::layer('black walnut', 6), self::layer('white ash', 39)],
                            ])];
                        }
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
