<?php

declare(strict_types=1);

namespace Regimen\Instrument;

use Regimen\Instrument\Fields\Option;

/** Whether something is there. */
enum YesNo: string implements Option
{
    use WordsOfValue;

    case Yes = 'yes';
    case No = 'no';
}
