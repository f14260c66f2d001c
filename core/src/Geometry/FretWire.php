<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/**
 * Fret wire to buy (CALCULATIONS G8): across the board at each fret along its arc + 2 mm on each side, a zero fret if there
 * is one, and one spare in ten.
 */
final class FretWire
{
    private const OVERHANG_MM = 2.0;

    public static function length(Specification $specification): Length
    {
        $board = BoardShape::of($specification);
        $places = array_map(static fn (Length $position): float => $position->mm, $specification->frets()->positions());
        if ($specification->board->zeroFret) {
            $places[] = 0.0;
        }
        $sum = array_sum(array_map(static fn (float $x): float => $board->arcAt($x) + 2 * self::OVERHANG_MM, $places));

        return Length::ofMillimetres($sum * (1 + 1 / 10));
    }
}
