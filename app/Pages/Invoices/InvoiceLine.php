<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

/** A line of an invoice. */
final readonly class InvoiceLine
{
    public function __construct(public string $text, public string $tax, public string $net)
    {
    }
}
