<?php

declare(strict_types=1);

namespace Regimen\Instrument;

enum InstrumentType: string
{
    case Guitar = 'guitar';
    case Bass = 'bass';

    /** @return array{int, int} fewest and most strings; common practice */
    public function strings(): array
    {
        return match ($this) {
            self::Guitar => [6, 12],
            self::Bass => [4, 6],
        };
    }

    /** @return array{float, float} shortest and longest usual scale in mm; common practice */
    public function scaleRange(): array
    {
        return match ($this) {
            self::Guitar => [500.0, 780.0],
            self::Bass => [700.0, 950.0],
        };
    }

    /** @return array{float, float} narrowest and widest nut in mm for a number of strings; common practice */
    public function nutRange(int $strings): array
    {
        $courses = $this === self::Guitar && $strings > 8 ? (int) ceil($strings / 2) : $strings;

        return match ($this) {
            self::Guitar => [5.5 * $courses + 4, 9.0 * $courses + 6],
            self::Bass => [7.5 * $courses + 4, 12.5 * $courses + 6],
        };
    }
}
