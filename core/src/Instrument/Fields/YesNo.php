<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** Whether something is there. */
enum YesNo: string implements Option
{
    use WordsOfValue;

    case Yes = 'yes';
    case No = 'no';
}
