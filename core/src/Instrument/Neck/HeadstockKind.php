<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How the headstock leaves the neck. */
enum HeadstockKind: string implements Option
{
    use WordsOfValue;

    case Angled = 'angled';
    case Flat = 'flat';
}
