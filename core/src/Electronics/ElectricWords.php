<?php

declare(strict_types=1);

namespace Regimen\Electronics;

/**
 * Resistances and capacitances in the unit in which they are read best; what is printed reads back as the same value.
 */
final class ElectricWords
{
    /** `250 Ω`, `8.2 kΩ`, `1 MΩ` */
    public static function resistance(float $kilohms): string
    {
        return match (true) {
            abs($kilohms) < 1.0 => self::figure($kilohms * 1000).' Ω',
            abs($kilohms) < 1000.0 => self::figure($kilohms).' kΩ',
            default => self::figure($kilohms / 1000).' MΩ',
        };
    }

    /** `470 pF`, `22 nF`, `4.7 µF` */
    public static function capacitance(float $nanofarads): string
    {
        return match (true) {
            abs($nanofarads) < 1.0 => self::figure($nanofarads * 1000).' pF',
            abs($nanofarads) < 1000.0 => self::figure($nanofarads).' nF',
            default => self::figure($nanofarads / 1000).' µF',
        };
    }

    /** At most three digits behind the point, none that say nothing. */
    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
