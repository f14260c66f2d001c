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

    /** Nylon under its tension, kg/m³; an estimate from memory, ± 8 %. */
    private const NYLON = 1000.0;

    /** Share of a nylon string's thickness that is its core of threads, at no thickness and for each mm; from memory, ± 10 %. */
    private const FLOSS = [1.13, -0.66];

    /** Copper wire with the air between its turns, kg/m³. */
    private const COPPER = 7_400.0;

    /** The same of nylon: plain, or copper wire over a core of threads. An estimate until its maker's figure is known. */
    public static function nylon(Gauge $gauge): float
    {
        $diameter = $gauge->diameter->mm / 1000;
        if (! $gauge->wound) {
            return self::NYLON * M_PI * $diameter ** 2 / 4;
        }
        $core = $diameter * max(0.35, min(0.8, self::FLOSS[0] + self::FLOSS[1] * $gauge->diameter->mm));

        return M_PI / 4 * (self::NYLON * $core ** 2 + self::COPPER * ($diameter ** 2 - $core ** 2));
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
