<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** The body's edges. */
enum EdgeShape: string implements Option
{
    use WordsOfValue;

    case Round = 'round';
    case Bevel = 'bevel';
    case Square = 'square';
}
