<?php

declare(strict_types=1);

namespace Regimen\Strings;

use Regimen\Units\InvalidQuantity;
use Regimen\Units\TypedText;

/** A pitch in equal temperament, named with its octave as in `E4`, `F#1`, `Bb0` (scientific pitch notation). */
final readonly class Note
{
    private const STEPS = ['C' => 0, 'D' => 2, 'E' => 4, 'F' => 5, 'G' => 7, 'A' => 9, 'B' => 11];

    private function __construct(public string $name, private int $semitonesFromA4)
    {
    }

    /** @throws InvalidQuantity */
    public static function parse(string $typed): self
    {
        if (preg_match('/^([A-Ga-g])([#♯b♭]?)(-1|\d)$/u', TypedText::of($typed), $found) !== 1) {
            throw InvalidQuantity::unreadable($typed, 'E4', 'F#1', 'Bb3')->explained('treble first');
        }
        $letter = strtoupper($found[1]);
        $accidental = ['' => 0, '#' => 1, '♯' => 1, 'b' => -1, '♭' => -1][$found[2]];
        $sign = [-1 => 'b', 0 => '', 1 => '#'][$accidental];

        return new self($letter.$sign.$found[3], self::STEPS[$letter] + $accidental + 12 * (int) $found[3] - 57);
    }

    /**
     * @param  float  $concertPitch  of A4 in Hz; 440 by ISO 16
     * @return float Hz
     */
    public function frequency(float $concertPitch = 440.0): float
    {
        return $concertPitch * 2 ** ($this->semitonesFromA4 / 12);
    }
}
