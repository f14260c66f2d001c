<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** The body's edges. */
enum EdgeShape: string implements Option
{
    use WordsOfValue;

    case Round = 'round';
    case Bevel = 'bevel';
    case Square = 'square';
}
