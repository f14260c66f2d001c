<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Route\Standards\Driver;

/** What the labour grows with, and the share of it that stays whatever there is of it. */
final readonly class Growth
{
    /** @param  int  $fixedPercent  house guesses, all of them */
    public function __construct(public Driver $driver, public int $fixedPercent)
    {
    }
}
