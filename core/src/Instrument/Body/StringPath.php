<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Where the strings end. */
enum StringPath: string implements Option
{
    use WordsOfValue;

    case Bridge = 'at_the_bridge';
    case Body = 'through_the_body';
    case Tailpiece = 'at_a_tailpiece';
}
