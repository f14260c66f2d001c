<?php

declare(strict_types=1);

namespace Regimen\Inspection;

/** The tolerances of a house (TRADE section 4: common practice, no single source); every one can be changed. */
final readonly class Tolerances
{
    /** key => [what, value, unit] */
    private const USUAL = [
        'blank' => ['bow and twist of a blank, at most', 0.1, 'mm'],
        'channel-centre' => ['truss channel off the centre', 0.2, 'mm'],
        'channel-deeper' => ['truss channel deeper than the rod', 0.2, 'mm'],
        'timber-left' => ['timber left under a channel or cavity, at least', 3.0, 'mm'],
        'half-scale' => ['nut to twelfth fret', 0.2, 'mm'],
        'width' => ['width at nut and heel', 0.2, 'mm'],
        'thickness' => ['thickness at first and twelfth', 0.3, 'mm'],
        'headstock-least' => ['headstock, at least', 14.0, 'mm'],
        'headstock-most' => ['headstock, at most', 16.0, 'mm'],
        'radius-light' => ['light under the radius gauge, at most', 0.05, 'mm'],
        'fall-away' => ['board fall-away beyond the body join', 0.03, 'mm'],
        'centre-line' => ['centre line: difference at pocket and body’s end', 0.25, 'mm'],
        'pocket-gap' => ['pocket gap each side, at most', 0.15, 'mm'],
        'plate-thickness' => ['top and back of a flat-top', 0.1, 'mm'],
        'brace-height' => ['height of the braces of a flat-top', 0.5, 'mm'],
        'neck-set' => ['plane of a flat-top’s board at the saddle line', 0.5, 'mm'],
        'box-square' => ['sides of a flat-top out of square, at most', 0.5, 'mm'],
        'box-air' => ['air from 45 % while plates are braced and a box is closed', 5.0, '%'],
        'depth' => ['pocket and cavity depth', 0.2, 'mm'],
        'saddle-line' => ['nut to saddle line', 0.5, 'mm'],
        'rock' => ['a fret rocks at most', 0.03, 'mm'],
        'relief-least' => ['relief, at least', 0.10, 'mm'],
        'relief-most' => ['relief, at most', 0.30, 'mm'],
        'action' => ['action at the twelfth', 0.2, 'mm'],
        'nut' => ['string over the first fret', 0.1, 'mm'],
        'intonation' => ['intonation, open against twelfth', 2.0, 'cents'],
        'resistance' => ['pickup resistance', 10.0, '%'],
        'moisture' => ['timber from the shop’s balance', 1.0, '%'],
        'weight' => ['weight above what was promised, at most', 3.0, '%'],
    ];

    /** @param  array<string, float>  $values */
    private function __construct(private array $values)
    {
    }

    public static function usual(): self
    {
        return new self([]);
    }

    /** @param  array<string, float>  $values  that the house has set itself; unknown keys are passed over */
    public static function of(array $values): self
    {
        return new self(array_intersect_key($values, self::USUAL));
    }

    /** @throws \OutOfBoundsException for a tolerance that there is not */
    public function value(string $key): float
    {
        return $this->values[$key] ?? self::USUAL[$key][1]
            ?? throw new \OutOfBoundsException("There is no tolerance “{$key}”.");
    }

    public function isOwn(string $key): bool
    {
        return isset($this->values[$key]);
    }

    /** @return list<Tolerance> */
    public function all(): array
    {
        return array_map(
            fn (string $key, array $row): Tolerance => new Tolerance($key, $row[0], $this->value($key), $row[2]),
            array_keys(self::USUAL),
            self::USUAL,
        );
    }
}
