<?php

declare(strict_types=1);

namespace App\Http\Controllers\Money;

use App\Actions\Money\PaymentPlans;
use App\Actions\Money\RecordPayment;
use App\Actions\Money\SellStock;
use App\Actions\Money\SetPriceBy;
use App\Actions\Money\WriteInvoice;
use App\Documents\Money\InvoicePdf;
use App\Http\Controllers\Sheet;
use App\Http\Requests\AskRequest;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\Money\InvoiceRequest;
use App\Http\Requests\Money\PartsRequest;
use App\Http\Requests\Money\PaymentRequest;
use App\Http\Requests\Money\PriceByRequest;
use App\Http\Requests\Money\SellRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\Money\PaymentPart;
use App\Models\People\Person;
use App\Pages\Page;
use App\Planning\Money\Paper;
use App\Queries\Money\BuildMoneyPage;
use App\Queries\Money\InvoicePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Regimen\Formats\Invoices\NotStructured;
use Regimen\Formats\Invoices\UblInvoice;

/** The money of a build, its invoices and payments. */
final class InvoiceController
{
    public function build(Build $build, AskRequest $request, BuildMoneyPage $page): Page
    {
        return $page->data($build, array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $request->query()));
    }

    public function parts(Build $build, PartsRequest $request, PaymentPlans $plans): RedirectResponse
    {
        $plans->keep($request->person(), $build, $request->version(), $request->parts());

        return back()->with('done', 'Saved.');
    }

    public function priceBy(Build $build, PriceByRequest $request, SetPriceBy $set): RedirectResponse
    {
        $set($request->person(), $build, $request->version(), $request->string('way')->toString());

        return back()->with('done', 'Saved.');
    }

    public function sell(Build $build, SellRequest $request, SellStock $sell): RedirectResponse
    {
        $sell($request->person(), $build, $request->version(), $request->client(), $request->price());

        return back()->with('done', 'Sold; it can be invoiced.');
    }

    public function settle(Build $build, VersionRequest $request, SetPriceBy $set, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $set->settle($viewer, $build, $request->version());

        return back()->with('done', 'The price is what it came to.');
    }

    public function store(PaymentPart $part, InvoiceRequest $request, WriteInvoice $write): RedirectResponse
    {
        $invoice = $write->write($request->person(), $part, $request->integer('amount'), $request->tax());

        return redirect()->route('invoices.one', $invoice)->with('done', ucfirst($invoice->name()).' is written. Nothing was sent.');
    }

    public function show(Invoice $invoice, InvoicePage $page): Page
    {
        return $page->data($invoice);
    }

    public function sheet(Invoice $invoice, string $paper, InvoicePdf $pdf): Response
    {
        return Sheet::of($pdf->of($invoice, Sheet::paper($paper)), "{$invoice->number}-{$paper}");
    }

    public function structured(Invoice $invoice): Response
    {
        $invoice->load(['buyer', 'cancels']);
        try {
            $xml = UblInvoice::write(Paper::of($invoice));
        } catch (NotStructured $refused) {
            return response($refused->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }

        return response($xml, 200, ['Content-Type' => 'application/xml; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$invoice->number}.xml\""]);
    }

    public function cancel(Invoice $invoice, BecauseRequest $request, WriteInvoice $write): RedirectResponse
    {
        $note = $write->cancel($request->person(), $invoice, rtrim(trim($request->string('because')->toString()), '.'));

        return redirect()->route('invoices.one', $note)->with('done', ucfirst($note->name()).' is written; its part can be invoiced again.');
    }

    public function pay(Invoice $invoice, PaymentRequest $request, RecordPayment $record): RedirectResponse
    {
        $record->record($request->person(), $invoice, $request->amount(), $request->on(), $request->how(), $request->boolean('sure'));

        return back()->with('done', 'Recorded.');
    }

    public function payBack(Build $build, PaymentRequest $request, RecordPayment $record): RedirectResponse
    {
        $record->payBack($request->person(), $build, $request->amount(), $request->on(), $request->how());

        return back()->with('done', 'Recorded.');
    }

    public function strike(Payment $payment, BecauseRequest $request, RecordPayment $record): RedirectResponse
    {
        $record->strike($request->person(), $payment, rtrim(trim($request->string('because')->toString()), '.'));

        return back()->with('done', 'Struck; it stays readable.');
    }
}
