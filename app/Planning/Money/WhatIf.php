<?php

declare(strict_types=1);

namespace App\Planning\Money;

use Regimen\Costing\PriceRule;
use Regimen\Units\Money;

/** How a price is worked out, otherwise than the house does it. */
final readonly class WhatIf
{
    /**
     * @param  Money|null  $rate  an hour; null for the rates of those who are planned
     * @param  int  $discount  thousandths of the price
     * @param  int  $pieces  that are made together
     * @param  array<string, string>  $methods  choices by question
     * @param  array<string, string>  $timbers  `neckTimber`, `boardTimber`, and `top` for the first layer of the body
     */
    public function __construct(public ?Money $rate, public PriceRule $rule, public int $discount = 0, public int $pieces = 1, public array $methods = [], public array $timbers = [])
    {
    }
}
