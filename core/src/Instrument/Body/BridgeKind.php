<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What carries the saddles. */
enum BridgeKind: string implements Option
{
    use WordsOfValue;

    case Fixed = 'fixed';
    case Vibrato = 'vibrato';
    case Studs = 'on_studs';
    case Pinned = 'pinned';
    case Tied = 'tied';
    case Single = 'single_bridges';

    /** Whether it is glued to the top of a flat-top. */
    public function isGlued(): bool
    {
        return $this === self::Pinned || $this === self::Tied;
    }
}
