<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\House\Shop;
use App\Models\Money\HouseTax;
use App\Models\Money\Invoice;
use App\Models\Money\PaymentPart;

/** A shop that may write invoices, and a commission of 5,000.00 with a deposit. Made-up people throughout. */
trait SellsThings
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
        $this->actingAs($this->manager);
        Shop::current()->update(['stage_payments' => [['body', 200]], 'tax_permille' => 190, 'seller' => [
            'name' => 'The Bench', 'address' => "Planer Street 4\n10115 Berlin", 'country' => 'DE', 'tax_id' => 'DE123456788', 'local_tax_id' => '', 'registration' => '', 'account' => 'DE02 1203 0000 0000 2020 51', 'email' => 'bench@example.org',
        ]]);
        HouseTax::query()->create(['country' => 'DE', 'name' => 'usual', 'category' => 'S', 'permille' => 190]);
        $this->post('/commissions', ['purpose' => 'commission', 'client' => 'Clara Fennimore', 'title' => '', 'contact' => 'clara@example.org', 'price' => '5000', 'deposit' => '1500', 'promised_on' => '2026-07-31', 'specification' => self::SPECIFICATION])->assertSessionHasNoErrors();
        Client::query()->update(['address' => "Millrace 2\n1120 Millbridge"]);
        $this->build = Build::query()->sole();
    }

    private function part(int $at): PaymentPart
    {
        return PaymentPart::query()->orderBy('id')->get()[$at] ?? throw new \LogicException("There is no part {$at}.");
    }

    private function write(int $at): Invoice
    {
        $part = $this->part($at);
        $this->post("/payment-parts/{$part->id}/invoice", ['amount' => $part->amount_minor])->assertSessionHasNoErrors();

        return Invoice::query()->orderByDesc('id')->firstOrFail();
    }

    private function pay(Invoice $invoice, string $amount, string $on = '2026-03-18'): void
    {
        $this->post("/invoices/{$invoice->id}/payments", ['amount' => $amount, 'on' => $on, 'how' => 'bank'])->assertSessionHasNoErrors();
    }
}
