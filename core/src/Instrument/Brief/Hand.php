<?php

declare(strict_types=1);

namespace Regimen\Instrument\Brief;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** For which hand. */
enum Hand: string implements Option
{
    use WordsOfValue;

    case Right = 'right';
    case Left = 'left';
}
