<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How neck and body meet. */
enum NeckJoint: string implements Option
{
    use WordsOfValue;

    case BoltOn = 'bolt-on';
    case Set = 'set';
    case Through = 'through';
    case Mortise = 'bolted_mortise';
    case Dovetail = 'dovetail';

    /** Whether the neck stays in for good, so that both are finished together. */
    public function isGlued(): bool
    {
        return in_array($this, [self::Set, self::Through, self::Dovetail], true);
    }
}
