<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

/** A job that is kept out of what is learned, and why. */
final readonly class Outlier
{
    public function __construct(public Job $job, public string $because)
    {
    }
}
