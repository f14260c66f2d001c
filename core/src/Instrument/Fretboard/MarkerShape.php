<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Face markers. */
enum MarkerShape: string implements Option
{
    use WordsOfValue;

    case None = 'none';
    case Dot = 'dot';
    case Block = 'block';
}
