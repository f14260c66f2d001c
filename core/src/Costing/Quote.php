<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/**
 * A price from what an instrument costs (CALCULATIONS M2). Margin is a share of the price, mark-up a share of the cost.
 */
final readonly class Quote
{
    private function __construct(
        public Money $labour,
        public Money $material,
        public Money $overhead,
        public Money $cost,
        public Money $price,
    ) {
    }

    /**
     * @param  Money  $rate  labour, an hour
     * @param  float  $overhead  share of labour and material, zero or more
     * @param  float  $margin  share of the price, 0 to below 1
     *
     * @throws \InvalidArgumentException for shares outside their range
     */
    public static function compute(Duration $hours, Money $rate, Money $material, float $overhead, float $margin): self
    {
        if ($overhead < 0) {
            throw new \InvalidArgumentException('Overhead is zero or more.');
        }
        $labour = $rate->forTime($hours);
        $share = $labour->plus($material)->times($overhead);
        $cost = $labour->plus($material)->plus($share);

        return new self($labour, $material, $share, $cost, self::fromMargin($cost, $margin));
    }

    /** @throws \InvalidArgumentException for a margin outside 0 to below 1 */
    public static function fromMargin(Money $cost, float $margin): Money
    {
        if ($margin < 0 || $margin >= 1) {
            throw new \InvalidArgumentException('A margin is a share of the price, from 0 to below 1.');
        }

        return $cost->times(1 / (1 - $margin));
    }
}
