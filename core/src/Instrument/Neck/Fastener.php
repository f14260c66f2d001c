<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What holds a bolted neck. */
enum Fastener: string implements Option
{
    use WordsOfValue;

    case Screws = 'screws';
    case Inserts = 'inserts';
}
