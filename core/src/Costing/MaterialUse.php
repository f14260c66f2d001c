<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/**
 * One line of a build's kit in money (CALCULATIONS M3): what it cost or will cost, how much of it is used and how much
 * spoiled.
 */
final readonly class MaterialUse
{
    /**
     * @param  Money  $cost  for the whole quantity
     * @param  float  $quantity  above zero
     * @param  float  $used  of the quantity
     * @param  float  $writtenOff  of the quantity, spoiled or lost
     * @param  bool  $isSurplus  whether what is left of it goes to stock and is not this build’s
     */
    public function __construct(
        public Money $cost,
        public float $quantity,
        public float $used,
        public float $writtenOff,
        public bool $isSurplus = false,
    ) {
    }

    /** The line's money, split between what is used, spoiled and still there, to the minor unit. */
    public function split(): MaterialSplit
    {
        [$used, $lost, $left] = $this->cost->split(
            [$this->used, $this->writtenOff, max(0.0, $this->quantity - $this->used - $this->writtenOff)],
        );

        return new MaterialSplit($used, $lost, $left);
    }
}
