<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/**
 * Fret wire to buy (CALCULATIONS G8), taken across the flat: the width at each fret + 2 mm on each side, and one spare
 * in ten. The board widens in a straight line (G2) to 1.32 times the nut width at its end (house default).
 */
final class FretWire
{
    public const TAPER = 1.32;

    private const OVERHANG_MM = 2.0;

    public static function length(Specification $specification): Length
    {
        $board = $specification->boardLength()->mm;
        $nut = $specification->nutWidth->mm;
        $sum = 0.0;
        foreach ($specification->frets()->positions() as $position) {
            $sum += $nut + $nut * (self::TAPER - 1) * $position->mm / $board + 2 * self::OVERHANG_MM;
        }

        return Length::ofMillimetres($sum * (1 + 1 / 10));
    }
}
