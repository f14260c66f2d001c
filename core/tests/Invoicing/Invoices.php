<?php

declare(strict_types=1);

namespace Regimen\Tests\Invoicing;

use Regimen\Invoicing\Invoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\Party;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Invoicing\Totals;
use Regimen\Units\Money;

/** Invoices as they should be, each to be broken in one place. */
final class Invoices
{
    /** @param  array<string, mixed>  $with  in place of what stands there */
    public static function with(array $with = [], ?TaxRate $tax = null): Invoice
    {
        $tax ??= new TaxRate(TaxCategory::Standard, 190);
        $lines = $with['lines'] ?? [Line::one('Six-string guitar, No. 39', Money::ofMinor(400_000, 'EUR'), $tax), Line::one('less the deposit', Money::ofMinor(-120_001, 'EUR'), $tax)];
        $of = [
            'kind' => InvoiceKind::Invoice, 'number' => '2026-0007', 'issuedOn' => '2026-11-28', 'dueOn' => '2026-12-12', 'currency' => 'EUR', 'seller' => self::seller(), 'buyer' => self::buyer(), 'lines' => $lines,
            'totals' => $with['totals'] ?? Totals::of($lines, 'EUR'), 'account' => 'DE02 1203 0000 0000 2020 51', ...$with,
        ];

        return new Invoice(...$of);
    }

    /** @param  array<string, string>  $with */
    public static function seller(array $with = []): Party
    {
        return new Party(...['name' => 'The Bench', 'street' => 'Planer Street 4', 'postcode' => '10115', 'town' => 'Berlin', 'country' => 'DE', 'taxId' => 'DE123456788', 'email' => 'bench@example.org', ...$with]);
    }

    /** @param  array<string, string>  $with */
    public static function buyer(array $with = []): Party
    {
        return new Party(...['name' => 'Abel Quayle', 'street' => "Tanner’s Row 6\nsecond floor\nat the back", 'postcode' => '1120', 'town' => 'Millbridge', 'country' => 'DE', ...$with]);
    }
}
