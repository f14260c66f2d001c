<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/** A line of the house price list: what a unit of something costs, how it is sold and how long it takes to come. */
final readonly class Price
{
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public Money $cost,
        public int $leadDays,
        public string $supplier,
    ) {
    }
}
