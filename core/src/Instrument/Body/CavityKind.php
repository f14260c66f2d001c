<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What a cavity is for. */
enum CavityKind: string implements Option
{
    use WordsOfValue;

    case Control = 'control';
    case Switch = 'switch';
    case Battery = 'battery';
    case Springs = 'springs';
    case Jack = 'jack';
}
