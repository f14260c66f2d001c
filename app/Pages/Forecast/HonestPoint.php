<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** Promises that were given with about the same chance, and how many of them were kept. */
final readonly class HonestPoint
{
    /**
     * @param  float  $given  the mean of the chances given, 0 to 1
     * @param  float  $held  the share that was kept, 0 to 1
     */
    public function __construct(public float $given, public float $held, public int $n)
    {
    }
}
