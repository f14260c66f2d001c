<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How the top is braced, by its usual name. */
enum BracingPattern: string implements Option
{
    use WordsOfValue;

    case Crossed = 'crossed';
    case Ladder = 'ladder';
    case Fan = 'fan';
    case Drawn = 'as_drawn';
}
