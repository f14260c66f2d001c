<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What an angled headstock is made of. */
enum HeadstockConstruction: string implements Option
{
    use WordsOfValue;

    case Scarf = 'scarf';
    case OnePiece = 'one_piece';
}
