<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** How strings are spread. */
enum StringSpacing: string implements Option
{
    use WordsOfValue;

    case EqualGaps = 'equal_gaps';
    case EqualCentres = 'equal_centres';
}
