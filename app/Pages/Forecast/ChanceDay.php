<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** A day on which a build is over in some of the runs. */
final readonly class ChanceDay
{
    public function __construct(public string $day, public int $runs)
    {
    }
}
