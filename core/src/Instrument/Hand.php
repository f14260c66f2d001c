<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** For which hand. */
enum Hand: string implements Option
{
    use WordsOfValue;

    case Right = 'right';
    case Left = 'left';
}
