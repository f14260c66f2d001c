<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** Whether open pores are filled. */
enum GrainFill: string implements Option
{
    use WordsOfValue;

    case ByTimber = 'by_timber';
    case Filled = 'filled';
    case Open = 'left_open';
}
