<?php

declare(strict_types=1);

namespace Regimen\Instrument\Brief;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What it is built for. */
enum Purpose: string implements Option
{
    use WordsOfValue;

    case Commission = 'commission';
    case Stock = 'stock';
    case Show = 'show';
}
