<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

/** Money that came or went back. */
final readonly class PaymentRow
{
    /** @param  string  $struck  why it does not count; empty where it does */
    public function __construct(public int $id, public string $on, public string $amount, public string $how, public string $invoice, public string $struck)
    {
    }
}
