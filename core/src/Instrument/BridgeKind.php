<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** What carries the saddles. */
enum BridgeKind: string implements Option
{
    use WordsOfValue;

    case Fixed = 'fixed';
    case Vibrato = 'vibrato';
    case Studs = 'on_studs';
    case Pinned = 'pinned';
}
