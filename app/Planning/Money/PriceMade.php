<?php

declare(strict_types=1);

namespace App\Planning\Money;

use Regimen\Costing\Quote;
use Regimen\Units\Money;

/** A price and what it is made of. */
final readonly class PriceMade
{
    /**
     * @param  int  $minutes  of labour in it
     * @param  Money  $net  after the discount, without tax
     */
    public function __construct(public Quote $quote, public int $minutes, public Money $net, public Money $tax)
    {
    }

    public function gross(): Money
    {
        return $this->net->plus($this->tax);
    }
}
