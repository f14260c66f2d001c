<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** How the headstock leaves the neck. */
enum HeadstockKind: string implements Option
{
    use WordsOfValue;

    case Angled = 'angled';
    case Flat = 'flat';
}
