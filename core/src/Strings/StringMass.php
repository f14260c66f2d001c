<?php

declare(strict_types=1);

namespace Regimen\Strings;

/** Mass per length of a string (CALCULATIONS S1), in kg/m. */
final class StringMass
{
    /** Steel, kg/m³. */
    private const STEEL = 7850.0;

    /** Nickel-plated steel wrap with the air between its turns, kg/m³; an estimate, ± 5 %. */
    private const WRAP = 8000.0;

    public static function of(Gauge $gauge): float
    {
        $diameter = $gauge->diameter->mm / 1000;

        return $gauge->wound ? self::wound($gauge->core()->mm / 1000, $diameter) : self::plain($diameter);
    }

    /** ρ π d² / 4 */
    public static function plain(float $diameter): float
    {
        return self::STEEL * M_PI * $diameter ** 2 / 4;
    }

    /** Core and wrap w = (D − c) / 2: ρ_c π c² / 4 + ρ_w π² w (c + w) / 4; metres. */
    public static function wound(float $core, float $diameter): float
    {
        $wrap = ($diameter - $core) / 2;

        return self::STEEL * M_PI * $core ** 2 / 4 + self::WRAP * M_PI ** 2 * $wrap * ($core + $wrap) / 4;
    }
}
