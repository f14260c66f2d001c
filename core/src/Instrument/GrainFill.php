<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** Whether open pores are filled. */
enum GrainFill: string implements Option
{
    use WordsOfValue;

    case ByTimber = 'by_timber';
    case Filled = 'filled';
    case Open = 'left_open';
}
