<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Where the tuners sit; in line is on the bass side. */
enum TunerLayout: string implements Option
{
    use WordsOfValue;

    case InLine = 'in_line';
    case Reversed = 'in_line_reversed';
    case BothSides = 'both_sides';

    /** How many posts stand between the nut and a string's own, in its row. */
    public function place(int $string, int $strings): int
    {
        return match ($this) {
            self::InLine => $strings - 1 - $string,
            self::Reversed => $string,
            self::BothSides => $string < (int) ceil($strings / 2) ? $string : $strings - 1 - $string,
        };
    }
}
