<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** Where the jack goes in. */
enum JackPlace: string implements Option
{
    use WordsOfValue;

    case Side = 'side';
    case Top = 'top';
    case End = 'end';
}
