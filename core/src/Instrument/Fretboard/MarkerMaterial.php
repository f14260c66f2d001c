<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What markers are made of. Shell can need papers to cross borders, and its dust is harmful. */
enum MarkerMaterial: string implements Option
{
    use WordsOfValue;

    case Plastic = 'plastic';
    case Shell = 'shell';
    case Timber = 'timber';
    case Metal = 'metal';
}
