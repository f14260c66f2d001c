<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Where the jack goes in. */
enum JackPlace: string implements Option
{
    use WordsOfValue;

    case Side = 'side';
    case Top = 'top';
    case End = 'end';
}
