<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How the body is built. */
enum BodyConstruction: string implements Option
{
    use WordsOfValue;

    case Solid = 'solid';
    case Chambered = 'chambered';
    case SemiHollow = 'semi-hollow';
    case FlatTop = 'flat-top';

    /** Whether it has rooms that are closed by its top. */
    public function isHollow(): bool
    {
        return $this === self::Chambered || $this === self::SemiHollow;
    }
}
