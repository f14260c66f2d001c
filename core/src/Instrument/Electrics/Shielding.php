<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What shields the cavities. */
enum Shielding: string implements Option
{
    use WordsOfValue;

    case None = 'none';
    case Paint = 'paint';
    case Foil = 'foil';
}
