<?php

declare(strict_types=1);

namespace App\Documents\Money;

use App\Documents\Canvas;
use App\Documents\Columns;
use App\Documents\Flow;
use App\Documents\Paper as Sheet;
use App\Models\Money\Invoice;
use App\Planning\Money\Paper;
use App\Planning\Money\PaperWords;
use App\Support\Say;
use Regimen\Invoicing\InvoiceKind;

/** An invoice or a credit note on paper. */
final readonly class InvoicePdf
{
    private const AMOUNT = 28.0;

    private const TAX = 16.0;

    public function __construct(private PaperWords $words)
    {
    }

    public function of(Invoice $invoice, Sheet $sheet): string
    {
        $invoice->loadMissing(['buyer', 'cancels']);
        $paper = Paper::of($invoice);
        $name = ucfirst($invoice->name());
        $canvas = new Canvas($name, $sheet, 'P', $invoice->at->getTimestamp());
        $flow = new Flow($canvas, $sheet, "{$paper->seller->name}, {$name}", Say::dayAndYear($invoice->issued_on));
        $flow->title($name);
        foreach ($this->words->seller($paper) as $line) {
            $flow->sentence($line);
        }
        $flow->heading('To');
        foreach ($this->words->party($paper->buyer) as $line) {
            $flow->sentence($line);
        }
        $flow->heading($paper->kind === InvoiceKind::CreditNote ? "Takes back invoice {$paper->takesBack}" : ucfirst($invoice->part));
        foreach ($paper->lines as $line) {
            $this->row($flow, $line->text, "{$line->tax?->percent()} %", $line->net->plain());
        }
        $flow->heading('In all, '.$paper->currency);
        foreach ($this->words->sums($paper) as [$what, $amount]) {
            $this->row($flow, $what, '', $amount);
        }
        if ($paper->kind === InvoiceKind::CreditNote) {
            $invoice->because === '' || $flow->sentence("Because: {$invoice->because}.");
        } else {
            $flow->sentence('Please pay by '.Say::dayAndYear($invoice->due_on).($paper->account === '' ? '.' : " to {$paper->account}, and name {$invoice->number}."));
        }

        return $canvas->output();
    }

    private function row(Flow $flow, string $words, string $tax, string $amount): void
    {
        $lines = $flow->canvas->wrapped($words, Columns::TEXT, $flow->right() - Flow::LEFT - self::AMOUNT - self::TAX);
        $flow->room(Flow::LINE * max(1, count($lines)));
        $flow->canvas->figures($amount, $flow->right(), $flow->y, Columns::TEXT, 'end');
        $tax === '' || $flow->canvas->figures($tax, $flow->right() - self::AMOUNT, $flow->y, Columns::TEXT, 'end');
        foreach ($lines as $line) {
            $flow->canvas->words($line, Flow::LEFT, $flow->y, Columns::TEXT);
            $flow->y += Flow::LINE;
        }
        $flow->y += 1.2;
    }
}
