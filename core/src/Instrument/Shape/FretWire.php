<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/**
 * Fret wire to buy (CALCULATIONS G8): across the board at each fret along its arc + 2 mm on each side, a zero fret if
 * there is one, one spare in ten, and all of it rounded up to the length that wire is sold in. Half metres are a house
 * convention.
 */
final class FretWire
{
    private const OVERHANG_MM = 2.0;

    /** Wire is sold by so many mm. */
    public const SOLD_MM = 500.0;

    /** To buy. */
    public static function length(Specification $specification): Length
    {
        return Length::ofMillimetres(ceil(self::needed($specification)->mm / self::SOLD_MM - 1e-9) * self::SOLD_MM);
    }

    /** To the millimetre, with the spare. */
    public static function needed(Specification $specification): Length
    {
        $board = BoardShape::from($specification);
        $lines = FretLines::from($specification);
        $frets = $specification->board->frets > 0 ? range(1, $specification->board->frets) : [];
        if ($specification->board->zeroFret) {
            $frets[] = 0;
        }
        $sum = array_sum(array_map(static fn (int $fret): float => $board->arcAt($specification->frets()->position($fret)->mm) * $lines->longer($fret) + 2 * self::OVERHANG_MM, $frets));

        return Length::ofMillimetres($sum * (1 + 1 / 10));
    }
}
