<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** Face markers. */
enum MarkerShape: string implements Option
{
    use WordsOfValue;

    case None = 'none';
    case Dot = 'dot';
    case Block = 'block';
}
