<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** What an angled headstock is made of. */
enum HeadstockConstruction: string implements Option
{
    use WordsOfValue;

    case Scarf = 'scarf';
    case OnePiece = 'one_piece';
}
