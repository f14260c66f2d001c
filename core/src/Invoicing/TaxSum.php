<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** What stands under one rate of tax, and the tax on it. */
final readonly class TaxSum
{
    public function __construct(public TaxRate $rate, public Money $net, public Money $tax)
    {
    }
}
