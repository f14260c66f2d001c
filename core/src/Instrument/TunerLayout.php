<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** Where the tuners sit; in line is on the bass side. */
enum TunerLayout: string implements Option
{
    use WordsOfValue;

    case InLine = 'in_line';
    case Reversed = 'in_line_reversed';
    case BothSides = 'both_sides';
}
