<?php

declare(strict_types=1);

namespace Regimen\Instrument\Finish;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** What the neck gets. */
enum NeckFinish: string implements Option
{
    use WordsOfValue;

    case AsBody = 'as_the_body';
    case Oil = 'oil';
    case Bare = 'bare';
}
