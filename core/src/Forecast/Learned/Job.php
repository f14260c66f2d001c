<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

/** One operation that is done: what it was estimated at and what it took, without what interrupted or spoiled it. */
final readonly class Job
{
    /**
     * @param  string  $operation  standard key of the operation
     * @param  string  $way  by hand, with a template, by machine
     * @param  int  $person  who did most of it; 0 where nobody knows
     * @param  string  $model  of the instrument
     * @param  float  $age  years since it was done, zero or more
     * @param  int  $estimated  minutes, set-up included
     * @param  int  $worked  minutes
     * @param  string  $name  where it was done, for telling: `No. 12 Dale`
     */
    public function __construct(
        public string $operation,
        public string $way,
        public int $person,
        public string $model,
        public float $age,
        public int $estimated,
        public int $worked,
        public string $name = '',
    ) {
    }

    /** Natural logarithm of worked over estimated; null where one of them says nothing. */
    public function log(): ?float
    {
        return $this->estimated <= 0 || $this->worked <= 0 ? null : log($this->worked / $this->estimated);
    }

    /** What it weighs beside one that was done today: half after a year (house convention). */
    public function weight(): float
    {
        return 0.5 ** max(0.0, $this->age);
    }
}
