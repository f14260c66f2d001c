<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What is taken off the body for comfort. */
enum Contour: string implements Option
{
    use WordsOfValue;

    case None = 'none';
    case Forearm = 'forearm';
    case Belly = 'belly';
    case Both = 'forearm_and_belly';
}
