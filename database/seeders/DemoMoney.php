<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Money\KeepMoney;
use App\Actions\Money\RecordPayment;
use App\Actions\Money\WriteInvoice;
use App\Models\Client\Client;
use App\Models\House\Shop;
use App\Models\Money\Invoice;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Money\Standing;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Units\Money;

/** Invoices and payments of the invented shop as it went along; one client pays late, and what fell due lately is not invoiced yet. */
final class DemoMoney
{
    private const STREETS = ['Mill Lane', 'Cooper’s Yard', 'Ferry Road', 'Chapel Row', 'Orchard Street', 'Weir Gate'];

    private const TOWNS = ['1120 Millbridge', '2210 Sedge', '3400 Oxenholt', '4051 Lower Tarn'];

    private const PAYS_AFTER = 6;

    private ?int $late = null;

    public function __construct(private readonly Person $manager, private readonly CarbonImmutable $now)
    {
    }

    public function open(): void
    {
        $keep = app(KeepMoney::class);
        $keep($this->manager, $shop = Shop::current(), $shop->version, [
            'seller' => [
                'name' => 'Tillmark Workshop', 'address' => "Planer Yard 4\n10115 Berlin", 'country' => 'DE', 'tax_id' => 'DE123456788', 'local_tax_id' => '', 'registration' => '', 'account' => 'DE02 1203 0000 0000 2020 51', 'email' => 'ines@example.org',
            ],
            'stage_payments' => [['body', 200]], 'year_wages_minor' => 61_000_00, 'year_overhead_minor' => 19_000_00,
            'bank_columns' => ['date' => 'Booked', 'amount' => 'Amount', 'words' => ['Name', 'Purpose'], 'currency' => 'Currency', 'dayFirst' => true],
        ], 'Who sells, and how a price is paid');
        $keep->setTax($this->manager, 'DE', 'usual', new TaxRate(TaxCategory::Standard, 190));
        $keep->setTax($this->manager, 'NO', 'exported', new TaxRate(TaxCategory::Export, 0, 'Exported, free of tax'));
    }

    /** Writes what has fallen due, and takes what came since. */
    public function keepUp(bool $writes = true): void
    {
        foreach (Client::query()->where('address', '')->orderBy('id')->get() as $client) {
            $client->update(['address' => self::STREETS[$client->id % count(self::STREETS)].' '.(3 + 7 * $client->id % 40)."\n".self::TOWNS[$client->id % count(self::TOWNS)]]);
        }
        foreach ($writes ? app(Standing::class)->expected() : [] as $one) {
            // Two stages wait until somebody looks at the page.
            $isLeft = $one->part->when === PaymentWhen::Stage && in_array($one->part->build->title, [DemoBuilds::WAITS_FOR_CLIENT, DemoBuilds::TIGHT], true);
            if ($one->isDue && ! $isLeft && $one->part->amount_minor > 0 && $one->part->build->client_id !== null) {
                app(WriteInvoice::class)->write($this->manager, $one->part, $one->part->amount_minor, null);
            }
        }
        $today = app(Clock::class)->today(app(House::class)->zone());
        foreach (app(Standing::class)->owed() as $invoice) {
            $on = CarbonImmutable::parse($invoice->issued_on)->addDays(self::PAYS_AFTER)->toDateString();
            if ($on <= $today && ! $this->isLate($invoice)) {
                app(RecordPayment::class)->record($this->manager, $invoice, Money::ofMinor($invoice->leftMinor(), $invoice->currency), $on, 'bank', true);
            }
        }
    }

    /** One that was due some days ago, and nobody paid. */
    private function isLate(Invoice $invoice): bool
    {
        $days = CarbonImmutable::parse($invoice->due_on)->diffInDays($this->now, false);
        $this->late ??= $invoice->part === 'balance' && $days > 2 && $days < 60 ? $invoice->id : null;

        return $this->late === $invoice->id;
    }
}
