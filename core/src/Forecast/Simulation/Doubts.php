<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** What is not known about a whole shop. */
final readonly class Doubts
{
    /**
     * @param  array<int|string, Doubt>  $activities  what is certain is left out
     * @param  array<string, Arrival>  $arrivals  what has to come, by the cause of the releases and lags that wait for it
     * @param  array<int, Away>  $people  by worker
     * @param  float  $unsure  deviation of the logarithm by which all work together may take longer or less
     */
    public function __construct(public array $activities = [], public array $arrivals = [], public array $people = [], public float $unsure = 0.0)
    {
    }

    /** Nothing happens but what is planned. */
    public static function none(): self
    {
        return new self;
    }
}
