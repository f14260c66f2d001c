<?php

declare(strict_types=1);

namespace Regimen\Forecast;

enum Verdict: string
{
    case Late = 'late';
    case Risk = 'risk';
    case Kept = 'kept';
    case NoPromise = 'no-promise';
    case Unplanned = 'unplanned';
    /** The route leaves parts of the work out, so that nobody knows. */
    case Incomplete = 'incomplete';
}
