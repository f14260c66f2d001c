<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Units\Money;

/** Money that came for an invoice, or went back; what was entered wrongly is struck and stays readable. */
final readonly class RecordPayment
{
    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    /** @param  bool  $isSure  that it is another one, or that more came than is left */
    public function record(Person $by, Invoice $invoice, Money $amount, string $on, string $how, bool $isSure): Payment
    {
        return $this->recording->keep(function () use ($by, $invoice, $amount, $on, $how, $isSure): Payment {
            self::mustStand($invoice);
            if (! $isSure) {
                $this->mustBeNew($invoice, $amount, $on);
                $left = $this->left($invoice);
                if ($amount->minor > $left) {
                    throw Refused::because($left <= 0 ? "Invoice {$invoice->number} is paid. Tick that you are sure if more came all the same." : "Only {$this->house->money($left)} is left of invoice {$invoice->number}. Tick that you are sure if more came all the same.", 'amount');
                }
            }
            $payment = $this->keep($by, $invoice->build_id, $invoice->id, $amount->minor, $on, $how, '', null);
            $this->recording->log(Build::query()->find($invoice->build_id), $by, 'money', "{$amount} came for invoice {$invoice->number} on ".Say::dayAndYear($on).", {$how}.");
            $this->goesOn($invoice);

            return $payment;
        });
    }

    public function payBack(Person $by, Build $build, Money $amount, string $on, string $how): Payment
    {
        return $this->recording->keep(function () use ($by, $build, $amount, $on, $how): Payment {
            $paid = (int) Payment::query()->counting()->where('build_id', $build->id)->sum('amount_minor');
            if ($amount->minor > $paid) {
                throw Refused::because("Only {$this->house->money($paid)} was paid for it; more cannot go back.", 'amount');
            }
            // Of an invoice for which more came than was due; else of what lies without one.
            $over = Invoice::query()->standing()->withPaid()->where('build_id', $build->id)->get()->first(static fn (Invoice $one): bool => -$one->leftMinor() >= $amount->minor);
            $payment = $this->keep($by, $build->id, $over?->id, -$amount->minor, $on, $how, '', null);
            $this->recording->log($build, $by, 'money', "{$amount} was paid back on ".Say::dayAndYear($on).", {$how}.");

            return $payment;
        });
    }

    public function strike(Person $by, Payment $payment, string $because): void
    {
        $this->recording->keep(function () use ($by, $payment, $because): void {
            if ($payment->struck_at !== null) {
                throw Refused::because('That payment is struck already. Nothing was changed.');
            }
            $payment->update(['struck_at' => $this->clock->now(), 'struck_because' => $because]);
            $payment->invoice === null || $this->goesOn($payment->invoice);
            $this->recording->log(Build::query()->find($payment->build_id), $by, 'money', "The payment of {$this->house->money($payment->amount_minor)} on ".Say::dayAndYear($payment->paid_on)." is struck: {$because}.");
        });
    }

    /** Within a transaction. */
    public function keep(Person $by, int $build, ?int $invoice, int $minor, string $on, string $how, string $words, ?string $fingerprint): Payment
    {
        return Payment::query()->create([
            'invoice_id' => $invoice, 'build_id' => $build, 'person_id' => $by->id, 'at' => $this->clock->now(), 'paid_on' => $on, 'amount_minor' => $minor, 'how' => $how, 'words' => $words, 'fingerprint' => $fingerprint,
        ]);
    }

    /** What waited for it can go on; what becomes overdue is seen when the plan is made for another day. Within a transaction. */
    public function goesOn(Invoice $invoice): void
    {
        if ($this->house->shop()->unpaid_holds && $invoice->due_on < $this->clock->today($this->house->zone())) {
            $this->recording->planAnew("a payment for invoice {$invoice->number}");
        }
    }

    public static function mustStand(Invoice $invoice): void
    {
        if ($invoice->kind === InvoiceKind::CreditNote) {
            throw Refused::because('A credit note is not paid. What goes back is recorded on the instrument’s money.');
        }
        $note = Invoice::query()->where('cancels_id', $invoice->id)->first();
        if ($note !== null) {
            throw Refused::because("Invoice {$invoice->number} was taken back by {$note->number}. Record the payment on the invoice that took its place.");
        }
    }

    public function left(Invoice $invoice): int
    {
        return $invoice->due_minor - (int) Payment::query()->counting()->where('invoice_id', $invoice->id)->sum('amount_minor');
    }

    private function mustBeNew(Invoice $invoice, Money $amount, string $on): void
    {
        $there = Payment::query()->counting()->where('invoice_id', $invoice->id)->where('amount_minor', $amount->minor)->where('paid_on', $on)->exists();
        if ($there) {
            throw Refused::because("{$amount} on ".Say::dayAndYear($on)." is recorded for invoice {$invoice->number} already. Tick that you are sure if it is another payment.", 'amount');
        }
    }
}
