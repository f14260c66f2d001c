<?php

declare(strict_types=1);

namespace App\Pages\Gate;

/** How the same was read on other instruments before. */
final readonly class ReadChart
{
    /**
     * @param  list<float>  $values  as far from what was wanted, in the order in which they were read
     * @param  ?float  $least  lower limit of the tolerance
     * @param  ?float  $most  upper limit
     */
    public function __construct(
        public string $title,
        public array $values,
        public float $mean,
        public float $low,
        public float $high,
        public ?float $least,
        public ?float $most,
        public string $words,
        public string $because,
        public string $unit,
    ) {
    }
}
