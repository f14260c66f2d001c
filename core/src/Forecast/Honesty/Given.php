<?php

declare(strict_types=1);

namespace Regimen\Forecast\Honesty;

/** A forecast as it was given, and what became of it. Instants in minutes since 1970 UTC. */
final readonly class Given
{
    /**
     * @param  array<int, int>  $by  instants by the share that they were forecast for, in per cent: 10, 25, 50, 75, 80, 90, 95
     * @param  float|null  $chance  to keep the promise, 0 to 1; null where there was none
     * @param  bool|null  $kept  whether it was
     * @param  int  $finish  when it really was over
     * @param  int|null  $plain  when it was planned to be over by the plain estimates
     */
    public function __construct(public array $by, public int $finish, public ?float $chance = null, public ?bool $kept = null, public ?int $plain = null)
    {
    }

    /** Whether it ended within an interval, or by a date. */
    public function within(?int $from, int $to): bool
    {
        return ($from === null || $this->finish >= ($this->by[$from] ?? PHP_INT_MIN)) && $this->finish <= ($this->by[$to] ?? PHP_INT_MIN);
    }
}
