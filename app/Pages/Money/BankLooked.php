<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Shop\Option;

/** What a bank’s file holds. */
final readonly class BankLooked
{
    /**
     * @param  list<BankRow>  $rows
     * @param  list<Option>  $invoices  that are open
     */
    public function __construct(public string $words, public array $rows, public array $invoices, public string $problem)
    {
    }
}
