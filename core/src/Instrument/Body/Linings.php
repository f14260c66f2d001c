<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What the plates are glued to along the sides. */
enum Linings: string implements Option
{
    use WordsOfValue;

    case Kerfed = 'kerfed';
    case Bent = 'bent_solid';
}
