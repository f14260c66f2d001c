<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Money\Invoice;
use App\Pages\Invoices\InvoiceLine;
use App\Pages\Invoices\InvoiceProps;
use App\Pages\Money\Row;
use App\Planning\House\House;
use App\Planning\Money\Paper;
use App\Planning\Money\PaperWords;
use App\Support\Clock;
use Regimen\Invoicing\InvoiceRules;
use Regimen\Invoicing\Line;
use Regimen\Units\Money;

/** An invoice as its client reads it, with how it stands. */
final readonly class InvoicePage
{
    public function __construct(private PaperWords $words, private House $house, private Clock $clock)
    {
    }

    public function data(Invoice $invoice): InvoiceProps
    {
        $invoice = Invoice::query()->withPaid()->with(['buyer', 'client:id,name', 'build:id,number,title', 'cancels', 'cancelledBy', 'payments.invoice:id,number'])->findOrFail($invoice->id);
        $paper = Paper::of($invoice);
        $today = $this->clock->today($this->house->zone());
        $broken = InvoiceRules::broken($paper);
        $other = $invoice->cancels ?? $invoice->cancelledBy;
        $stands = Papers::stands($invoice);

        return new InvoiceProps(
            id: $invoice->id, name: ucfirst($invoice->name()), headline: ucfirst($invoice->name())." for {$invoice->buyer->name}", build: $invoice->build->number, title: $invoice->build->title,
            seller: $this->words->seller($paper), buyer: $this->words->party($paper->buyer), issuedOn: $invoice->issued_on, dueOn: $paper->dueOn,
            lines: array_map(static fn (Line $line): InvoiceLine => new InvoiceLine($line->text, "{$line->tax?->percent()} %", $line->net->plain()), $paper->lines),
            sums: array_map(static fn (array $one): Row => new Row($one[0], $one[1]), $this->words->sums($paper)), state: Papers::state($invoice, $today).($invoice->because === '' ? '' : ": {$invoice->because}"), isLate: Papers::isLate($invoice, $today),
            left: $stands && $invoice->leftMinor() > 0 ? Money::ofMinor($invoice->leftMinor(), $invoice->currency)->plain() : '', stands: $stands, other: $other?->id, otherName: $other === null ? '' : $other->name(),
            unstructured: $broken === [] ? '' : 'There is no structured invoice: '.implode(' ', array_map(static fn ($one): string => $one->sentence, $broken)),
            payments: Papers::payments($invoice->payments, $invoice->currency), currency: $invoice->currency, today: $today,
        );
    }
}
