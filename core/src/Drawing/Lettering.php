<?php

declare(strict_types=1);

namespace Regimen\Drawing;

/** Letters that can be read on a colour: black or white, of which one always stands out by 4.5 to 1. */
final class Lettering
{
    /** @param  string  $colour  #rrggbb */
    public static function on(string $colour): string
    {
        return self::contrast('#000000', $colour) >= self::contrast('#ffffff', $colour) ? '#000000' : '#ffffff';
    }

    /**
     * Of two colours #rrggbb, from 1 to 21.
     *
     * Source: contrast ratio and relative luminance of WCAG 2.2.
     */
    public static function contrast(string $one, string $other): float
    {
        $luminances = [self::luminance($one), self::luminance($other)];

        return (max($luminances) + 0.05) / (min($luminances) + 0.05);
    }

    private static function luminance(string $colour): float
    {
        $sum = 0.0;
        foreach ([0.2126, 0.7152, 0.0722] as $at => $weight) {
            $part = hexdec(substr($colour, 1 + 2 * $at, 2)) / 255;
            $sum += $weight * ($part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4);
        }

        return $sum;
    }
}
