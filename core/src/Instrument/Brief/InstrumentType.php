<?php

declare(strict_types=1);

namespace Regimen\Instrument\Brief;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

enum InstrumentType: string implements Option
{
    use WordsOfValue;

    case Guitar = 'guitar';
    case Bass = 'bass';
    case FlatTop = 'flat-top';

    /** @return array{float, float} shortest and longest usual scale in mm; common practice */
    public function scaleRange(): array
    {
        return match ($this) {
            self::Guitar, self::FlatTop => [500.0, 780.0],
            self::Bass => [700.0, 950.0],
        };
    }

    /** Whether so many strings come in pairs: ten and twelve on a guitar, eight and more on a bass; common practice. */
    public function isDoubled(int $strings): bool
    {
        return $strings % 2 === 0 && $strings >= ($this === self::Bass ? 8 : 10);
    }

    /** @return array{float, float} narrowest and widest nut in mm for a number of strings; common practice */
    public function nutRange(int $strings): array
    {
        $courses = $this->isDoubled($strings) ? intdiv($strings, 2) : $strings;

        return match ($this) {
            self::Guitar, self::FlatTop => [5.5 * $courses + 4, 9.0 * $courses + 6],
            self::Bass => [7.5 * $courses + 4, 12.5 * $courses + 6],
        };
    }
}
