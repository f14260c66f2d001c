<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** What holds a bolted neck. */
enum Fastener: string implements Option
{
    use WordsOfValue;

    case Screws = 'screws';
    case Inserts = 'inserts';
}
