<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How a blank lies in the log. */
enum TimberCut: string implements Option
{
    use WordsOfValue;

    case Quarter = 'quarter-sawn';
    case Rift = 'rift-sawn';
    case Flat = 'flat-sawn';

    /**
     * Share of the movement across the blank's face that is tangential; the rest is radial (common practice: rift half
     * and half).
     */
    public function tangentialShare(): float
    {
        return match ($this) {
            self::Quarter => 0.0,
            self::Rift => 0.5,
            self::Flat => 1.0,
        };
    }
}
