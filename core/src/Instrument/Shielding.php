<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** What shields the cavities. */
enum Shielding: string implements Option
{
    use WordsOfValue;

    case None = 'none';
    case Paint = 'paint';
    case Foil = 'foil';
}
