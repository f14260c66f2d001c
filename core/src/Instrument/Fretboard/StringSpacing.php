<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How strings are spread. */
enum StringSpacing: string implements Option
{
    use WordsOfValue;

    case EqualGaps = 'equal_gaps';
    case EqualCentres = 'equal_centres';
}
