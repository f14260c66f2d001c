<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

use App\Pages\Money\Row;
use App\Pages\Page;

final readonly class InvoiceProps extends Page
{
    public const COMPONENT = 'money/Invoice';

    /**
     * @param  list<string>  $seller  lines
     * @param  list<string>  $buyer  lines
     * @param  list<InvoiceLine>  $lines
     * @param  list<Row>  $sums
     * @param  string  $state  how it stands, in words
     * @param  string  $left  to be paid, as a field shows it; empty where nothing is
     * @param  string  $unstructured  why there is no structured invoice; empty where there is
     * @param  list<PaymentRow>  $payments
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $headline,
        public int $build,
        public string $title,
        public array $seller,
        public array $buyer,
        public string $issuedOn,
        public string $dueOn,
        public array $lines,
        public array $sums,
        public string $state,
        public bool $isLate,
        public string $left,
        public bool $stands,
        public ?int $other,
        public string $otherName,
        public string $unstructured,
        public array $payments,
        public string $currency,
        public string $today,
    ) {
    }
}
