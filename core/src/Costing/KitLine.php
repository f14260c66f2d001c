<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Parts\PartGroup;
use Regimen\Units\Money;

/** Something that a build needs: how much of what, at which price, for which operations. */
final readonly class KitLine
{
    /**
     * @param  PartGroup  $group  what operations ask for
     * @param  float  $quantity  in the price's unit, waste included
     */
    public function __construct(
        public PartGroup $group,
        public string $name,
        public float $quantity,
        public Price $price,
    ) {
    }

    public function cost(): Money
    {
        return $this->price->cost->times($this->quantity);
    }
}
