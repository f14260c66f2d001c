<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/** What a house puts on top of labour and material: overhead, and a margin or a mark-up (CALCULATIONS M2). */
final readonly class PriceRule
{
    /**
     * @param  int  $overhead  thousandths of labour, material and outside work, zero or more
     * @param  int  $share  thousandths of the price (margin, below 1,000) or of the cost (mark-up), zero or more
     *
     * @throws \InvalidArgumentException for shares outside their range
     */
    public function __construct(public int $overhead, public PriceWay $way, public int $share)
    {
        if ($overhead < 0) {
            throw new \InvalidArgumentException('Overhead is zero or more.');
        }
        if ($share < 0 || ($way === PriceWay::Margin && $share >= 1_000)) {
            throw new \InvalidArgumentException($way === PriceWay::Margin ? 'A margin is a share of the price, from 0 to below 1.' : 'A mark-up is a share of the cost, zero or more.');
        }
    }

    public function overheadOn(Money $cost): Money
    {
        return $cost->times($this->overhead / 1_000);
    }

    /** The price without tax of what costs so much, overhead included. */
    public function price(Money $cost): Money
    {
        return $cost->times($this->way === PriceWay::Margin ? 1_000 / (1_000 - $this->share) : 1 + $this->share / 1_000);
    }
}
