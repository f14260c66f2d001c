<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Where the truss rod is adjusted. */
enum RodAccess: string implements Option
{
    use WordsOfValue;

    case Headstock = 'headstock';
    case Heel = 'heel';
}
