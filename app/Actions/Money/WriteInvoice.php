<?php

declare(strict_types=1);

namespace App\Actions\Money;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Client\ChangeOrder;
use App\Models\Client\Client;
use App\Models\Client\QuoteState;
use App\Models\Money\HouseTax;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\Money\PaymentPart;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Money\Paper;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Invoicing\Totals;
use Regimen\Units\Countries;
use Regimen\Units\Money;

/** A part of the price becomes an invoice with the next number; it never changes after that, and only a credit note takes it back. */
final readonly class WriteInvoice
{
    public function __construct(private Recording $recording, private RecordPayment $payments, private House $house, private Clock $clock)
    {
    }

    /** @param  HouseTax|null  $tax  the first of the client’s country when nothing is said */
    public function write(Person $by, PaymentPart $part, int $amount, ?HouseTax $tax): Invoice
    {
        return $this->recording->keep(function () use ($by, $part, $amount, $tax): Invoice {
            $build = Build::query()->with(['client', 'specification'])->findOrFail($part->build_id);
            if ($part->invoice_id !== null) {
                throw Refused::because('That part is invoiced already: '.Invoice::query()->findOrFail($part->invoice_id)->number.'. Nothing was written.');
            }
            if ($part->amount_minor !== $amount) {
                throw Refused::because("The part is {$this->house->money($part->amount_minor)} now; somebody changed it in the meantime. Look at it and write the invoice again.");
            }
            if ($part->amount_minor <= 0) {
                throw Refused::because('There is nothing to ask for in this part; pay it back, or divide the price otherwise.');
            }
            $client = $build->client ?? throw Refused::because("{$build->name()} is built for stock; there is nobody to write an invoice to.");
            if ($client->forgotten_at !== null) {
                throw Refused::because('The client was deleted on request; an invoice needs a name and an address.');
            }
            $this->mustHaveSeller();
            $country = $client->country === '' ? $this->house->shop()->seller['country'] : $client->country;
            $tax ??= HouseTax::query()->where('country', $country)->orderBy('id')->first();
            if ($tax === null || $tax->country !== $country) {
                throw Refused::because('The tax for clients in '.Countries::name($country).' is not set. Set it under Money, Who sells and which tax; what it is, the tax office there or a tax adviser says.', 'tax');
            }
            $this->mustHaveAddress($client);
            $lines = $this->lines($build, $part, $tax->rate());
            $invoice = $this->keep($by, $build, $client, InvoiceKind::Invoice, $part->what, $lines, $this->house->money($part->amount_minor), $country);
            $part->update(['invoice_id' => $invoice->id]);
            // What came for an invoice that was taken back counts for this one.
            Payment::query()->counting()->where('build_id', $build->id)->whereNull('invoice_id')->where('amount_minor', '>', 0)->update(['invoice_id' => $invoice->id]);
            $this->recording->log($build, $by, 'money', ucfirst($invoice->name()).": {$part->what}, {$this->house->money($invoice->due_minor)}, to be paid by ".Say::dayAndYear($invoice->due_on).'.');

            return $invoice;
        });
    }

    public function cancel(Person $by, Invoice $invoice, string $because): Invoice
    {
        return $this->recording->keep(function () use ($by, $invoice, $because): Invoice {
            if ($invoice->kind === InvoiceKind::CreditNote) {
                throw Refused::because('A credit note is not taken back; write the invoice again.');
            }
            $note = Invoice::query()->where('cancels_id', $invoice->id)->first();
            if ($note !== null) {
                throw Refused::because(ucfirst($invoice->name())." is taken back already, by {$note->number}. Nothing was changed.");
            }
            $build = Build::query()->findOrFail($invoice->build_id);
            $client = Client::query()->findOrFail($invoice->client_id);
            $invoice->load('buyer');
            $lines = Paper::of($invoice)->lines;
            $note = $this->keep($by, $build, $client, InvoiceKind::CreditNote, $invoice->part, $lines, Money::ofMinor($invoice->due_minor, $invoice->currency), $invoice->buyer->country, $invoice, $because);
            PaymentPart::query()->where('invoice_id', $invoice->id)->update(['invoice_id' => null]);
            Payment::query()->where('invoice_id', $invoice->id)->update(['invoice_id' => null]);
            $this->payments->goesOn($invoice);
            $this->recording->log($build, $by, 'money', ucfirst($note->name())." takes back invoice {$invoice->number}: {$because}.");

            return $note;
        });
    }

    private function mustHaveSeller(): void
    {
        $seller = $this->house->shop()->seller;
        $missing = array_keys(array_filter(['a name' => 'name', 'an address' => 'address', 'a country' => 'country'], static fn (string $key): bool => trim($seller[$key] ?? '') === ''));
        if ($missing === [] && trim(($seller['tax_id'] ?? '').($seller['local_tax_id'] ?? '').($seller['registration'] ?? '')) === '') {
            $missing = ['a number that the tax office or the register knows the shop by'];
        }
        if ($missing !== []) {
            throw Refused::because('An invoice says who sells; missing: '.implode(', ', $missing).'. Write it under Money, Who sells and which tax.', 'seller');
        }
    }

    private function mustHaveAddress(Client $client): void
    {
        if (trim($client->address) === '') {
            throw Refused::because("An invoice needs an address; none is known of {$client->name}. Write it on the client’s page.", 'client');
        }
    }

    /** @return non-empty-list<Line> */
    private function lines(Build $build, PaymentPart $part, TaxRate $tax): array
    {
        $what = "No. {$build->number}, ".Revisions::read($build->specification)->orFail()->inOneLine();
        if ($part->when !== PaymentWhen::Delivery || $part->what !== 'balance') {
            return [Line::one(ucfirst($part->what)." for {$what}", $tax->within($this->house->money($part->amount_minor)), $tax)];
        }
        $earlier = Invoice::query()->standing()->where('build_id', $build->id)->orderBy('id')->get();
        $orders = ChangeOrder::query()->where('build_id', $build->id)->where('state', QuoteState::Accepted->value)->where('price_minor', '<>', 0)->orderBy('number')->get();
        $whole = $part->amount_minor + (int) $earlier->sum('due_minor');
        $lines = [Line::one("{$what}, as ordered", $tax->within($this->house->money($whole - (int) $orders->sum('price_minor'))), $tax)];
        foreach ($orders as $order) {
            $lines[] = Line::one("Change order {$order->number}: {$order->what}", $tax->within($this->house->money($order->price_minor)), $tax);
        }

        return [...$lines, ...$this->less($earlier)];
    }

    /**
     * What was invoiced before, each under the tax that stood on it.
     *
     * @param  Collection<int, Invoice>  $earlier
     * @return list<Line>
     */
    private function less(Collection $earlier): array
    {
        $lines = [];
        foreach ($earlier as $one) {
            $rate = $one->lines[0];
            $lines[] = Line::one("less invoice {$one->number}, {$one->part}", $this->house->money(-$one->net_minor), new TaxRate(TaxCategory::from($rate['category']), $rate['permille'], $rate['reason']));
        }

        return $lines;
    }

    /** @param  list<Line>  $lines */
    private function keep(Person $by, Build $build, Client $client, InvoiceKind $kind, string $part, array $lines, Money $due, string $country, ?Invoice $cancels = null, string $because = ''): Invoice
    {
        $today = $this->clock->today($this->house->zone());
        $year = (int) substr($today, 0, 4);
        $running = (int) Invoice::query()->where('year', $year)->max('running') + 1;
        $totals = Totals::of($lines, $due->currency, $due);
        $shop = $this->house->shop();
        $invoice = Invoice::query()->create([
            'number' => sprintf('%d-%04d', $year, $running), 'year' => $year, 'running' => $running, 'kind' => $kind, 'build_id' => $build->id, 'client_id' => $client->id, 'person_id' => $by->id, 'at' => $this->clock->now(),
            'issued_on' => $today, 'due_on' => CarbonImmutable::parse($today)->addDays($kind === InvoiceKind::CreditNote ? 0 : $shop->pay_days)->toDateString(), 'part' => $part, 'currency' => $due->currency,
            'seller' => $cancels === null ? $shop->seller : $cancels->seller, 'lines' => Paper::kept(...$lines), 'net_minor' => $totals->net->minor, 'tax_minor' => $totals->tax->minor, 'rounding_minor' => $totals->rounding->minor,
            'due_minor' => $due->minor, 'cancels_id' => $cancels?->id, 'because' => $because,
        ]);
        $was = $cancels?->buyer;
        $invoice->buyer()->create(['name' => $was->name ?? $client->name, 'address' => $was->address ?? $client->address, 'country' => $country, 'tax_id' => $was->tax_id ?? $client->tax_id]);

        return $invoice;
    }
}
