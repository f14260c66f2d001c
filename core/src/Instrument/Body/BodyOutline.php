<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** The house's own outlines, or one that was brought along. */
enum BodyOutline: string implements Option
{
    use WordsOfValue;

    case River = 'river';
    case Pebble = 'pebble';
    case Leaf = 'leaf';
    case Heron = 'heron';
    case Meadow = 'meadow';
    case Dune = 'dune';
    case Imported = 'imported';
}
