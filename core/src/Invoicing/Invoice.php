<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** An invoice or a credit note as the standard EN 16931-1 speaks of it. Amounts of a credit note are what it takes back, above zero. */
final readonly class Invoice
{
    /**
     * @param  string  $issuedOn  a day; empty where it has none
     * @param  string  $dueOn  a day; empty where it has none
     * @param  list<Line>  $lines
     * @param  string  $account  IBAN or number to which it is paid; empty where it is paid otherwise
     * @param  string  $deliveredOn  a day; empty where nothing is delivered yet
     * @param  string  $note  in words
     * @param  string  $terms  of payment, in words
     * @param  string|null  $takesBack  number of the invoice that a credit note takes back
     */
    public function __construct(
        public InvoiceKind $kind,
        public string $number,
        public string $issuedOn,
        public string $dueOn,
        public string $currency,
        public Party $seller,
        public Party $buyer,
        public array $lines,
        public Totals $totals,
        public string $account = '',
        public string $deliveredOn = '',
        public string $note = '',
        public string $terms = '',
        public ?string $takesBack = null,
    ) {
    }
}
