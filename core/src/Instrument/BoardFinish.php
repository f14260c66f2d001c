<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** What the fretboard gets. */
enum BoardFinish: string implements Option
{
    use WordsOfValue;

    case ByTimber = 'by_timber';
    case Bare = 'bare';
    case Oiled = 'oiled';
    case Lacquered = 'lacquered';
}
