<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How tuners are set, or that the strings are tuned elsewhere. */
enum TunerPlace: string implements Option
{
    use WordsOfValue;

    case Face = 'through_the_face';
    case Side = 'through_the_side';
    case Bridge = 'at_the_bridge';
}
