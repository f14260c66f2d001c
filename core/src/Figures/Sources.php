<?php

declare(strict_types=1);

namespace Regimen\Figures;

/** Where each formula is from. */
final class Sources
{
    private const SOURCES = [
        'G1' => 'equal temperament, by definition', 'G2' => 'straight lines', 'G3' => 'a circle’s sagitta',
        'G4' => 'a cone', 'G5' => 'common practice: at least 0.5 mm stays',
        'G6' => 'common practice: at least 0.8 mm stays', 'G7' => 'midway between two slots',
        'G8' => 'common practice: 2 mm over on each side, one spare in ten', 'G9' => 'a straight line',
        'G10' => 'common practice: at least 3 mm stays', 'G11' => 'trigonometry',
        'G12' => 'trigonometry; under 5° common practice asks for a guide', 'G13' => 'equal gaps or equal centres',
        'G14' => 'common practice: compensation 1–2 mm treble, 2.5–4 mm low',
        'G15' => 'a straight string over twice half the scale',
        'G16' => 'trigonometry; common practice: between a quarter and three quarters',
        'G17' => 'a sum', 'G18' => 'common practice: at least 3 mm stays', 'G19' => 'shoelace formula',
        'G20' => 'rounded up',
        'S1' => 'density of steel; the wrap is an estimate, ± 5 %', 'S2' => 'a vibrating string; pitches by ISO 16',
        'S3' => 'a sum; gauges and tunings are common practice',
        'T1' => 'Wood Handbook, FPL-GTR-282, chapter 4', 'T2' => 'Wood Handbook, FPL-GTR-282, chapter 13',
        'T3' => 'Wood Handbook, FPL-GTR-282, chapter 4', 'T6' => 'volumes and densities; hardware as stated',
        'F1' => 'equal temperament along each string', 'F2' => 'outline and taper; a Helmholtz resonator of rigid walls', 'F3' => 'trigonometry',
        'F4' => 'E · h³ / 12; moduli from memory of the Wood Handbook, FPL-GTR-282, chapter 5',
        'E1' => 'common practice', 'E2' => 'Ohm’s law', 'E3' => 'IEC 60063', 'E4' => 'the switch’s table',
    ];

    public static function of(string $number): string
    {
        return self::SOURCES[$number] ?? 'common practice';
    }
}
