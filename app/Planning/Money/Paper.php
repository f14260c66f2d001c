<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Money\Invoice as InvoiceRecord;
use Regimen\Invoicing\Invoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\Party;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Invoicing\Totals;
use Regimen\Units\Money;

/** An invoice that is kept, as the core knows one. */
final class Paper
{
    /** @param  InvoiceRecord  $record  with buyer and cancels */
    public static function of(InvoiceRecord $record): Invoice
    {
        $currency = $record->currency;
        $lines = array_map(static fn (array $one): Line => new Line(
            $one['text'], $one['quantity'], 'C62', Money::ofMinor($one['price'], $currency), Money::ofMinor($one['net'], $currency), new TaxRate(TaxCategory::from($one['category']), $one['permille'], $one['reason']),
        ), $record->lines);
        $isCredit = $record->kind === InvoiceKind::CreditNote;
        $buyer = $record->buyer;

        return new Invoice(
            $record->kind, $record->number, $record->issued_on, $isCredit ? '' : $record->due_on, $currency, self::seller($record->seller),
            Party::at($buyer->name, $buyer->address, $buyer->country, ['taxId' => $buyer->tax_id]), $lines, Totals::of($lines, $currency, Money::ofMinor($record->due_minor, $currency)),
            $isCredit ? '' : $record->seller['account'] ?? '', '', '', $isCredit ? 'It takes back the invoice named; what was paid of it is paid back or counts for the next.' : '', $isCredit ? (string) $record->cancels?->number : null,
        );
    }

    /** @param  array<string, string>  $said */
    public static function seller(array $said): Party
    {
        $of = static fn (string $key): string => trim($said[$key] ?? '');

        return Party::at($of('name'), $of('address'), $of('country'), ['taxId' => $of('tax_id'), 'localTaxId' => $of('local_tax_id'), 'registration' => $of('registration'), 'email' => $of('email')]);
    }

    /** @return list<array{text: string, quantity: float, price: int, net: int, category: string, permille: int, reason: string}> as they are kept */
    public static function kept(Line ...$lines): array
    {
        return array_values(array_map(static fn (Line $one): array => [
            'text' => $one->text, 'quantity' => $one->quantity, 'price' => $one->price->minor, 'net' => $one->net->minor,
            'category' => (string) $one->tax?->category->value, 'permille' => (int) $one->tax?->permille, 'reason' => (string) $one->tax?->reason,
        ], $lines));
    }
}
