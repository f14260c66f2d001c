<?php

declare(strict_types=1);

namespace App\Planning\Money;

use Regimen\Invoicing\Invoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Party;
use Regimen\Invoicing\TaxSum;
use Regimen\Units\Countries;

/** What an invoice says, the same on the page and on paper. */
final class PaperWords
{
    /** @return list<string> */
    public function seller(Invoice $paper): array
    {
        $of = $paper->seller;

        return array_values(array_filter([
            ...$this->party($of), $of->localTaxId === '' ? '' : "Tax number {$of->localTaxId}", $of->registration === '' ? '' : "Registered as {$of->registration}", $of->email,
        ]));
    }

    /** @return list<string> */
    public function party(Party $of): array
    {
        return array_values(array_filter([
            $of->name, ...explode("\n", $of->street), trim("{$of->postcode} {$of->town}"), Countries::name($of->country) ?? '', $of->taxId === '' ? '' : "Tax identifier {$of->taxId}",
        ]));
    }

    /** @return list<array{string, string}> net, tax by rate, what is to be paid */
    public function sums(Invoice $paper): array
    {
        $totals = $paper->totals;

        return array_values(array_filter([
            ['Without tax', (string) $totals->net],
            ...array_map(static fn (TaxSum $sum): array => ["Tax, {$sum->rate->percent()} % of {$sum->net->plain()}".($sum->rate->category->needsReason() ? " ({$sum->rate->reason})" : ''), (string) $sum->tax], $totals->taxes),
            $totals->rounding->minor === 0 ? null : ['Rounded to what was agreed', (string) $totals->rounding],
            [$paper->kind === InvoiceKind::CreditNote ? 'Taken back' : 'To be paid', (string) $totals->due],
        ]));
    }
}
