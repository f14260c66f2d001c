<?php

declare(strict_types=1);

namespace Regimen\Formats\Stores;

use Regimen\Parts\PartGroup;
use Regimen\Units\Money;

/** A line of a table of parts: a part, what lies there of it, and what one supplier asks for it. What is null was not said. */
final readonly class PartRow
{
    /**
     * @param  int|null  $stock  thousandths of the unit, as counted
     * @param  int|null  $least  thousandths of the unit
     * @param  Money|null  $price  of a unit, at the supplier
     * @param  int|null  $days  that the supplier takes
     */
    public function __construct(
        public int $line,
        public string $name,
        public ?PartGroup $group,
        public ?string $unit,
        public ?string $place,
        public ?int $stock,
        public ?int $least,
        public ?string $supplier,
        public ?string $number,
        public ?Money $price,
        public ?int $days,
        public ?string $note,
    ) {
    }
}
