<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What the fretboard gets. */
enum BoardFinish: string implements Option
{
    use WordsOfValue;

    case ByTimber = 'by_timber';
    case Bare = 'bare';
    case Oiled = 'oiled';
    case Lacquered = 'lacquered';
}
