<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What the strings are made of. */
enum StringMaterial: string implements Option
{
    use WordsOfValue;

    case Steel = 'steel';
    case Nylon = 'nylon';
}
