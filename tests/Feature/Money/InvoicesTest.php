<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Actions\Money\PaymentPlans;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Client\Client;
use App\Models\House\Shop;
use App\Models\Money\HouseTax;
use App\Models\Money\Invoice;
use App\Models\Money\Payment;
use App\Models\Money\PaymentPart;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** Invoices: written once with the next number, never changed, taken back by another paper. */
final class InvoicesTest extends TestCase
{
    use SellsThings;

    public function test_a_price_is_divided_as_the_house_has_it_and_all_parts_are_the_price(): void
    {
        $this->assertSame([['deposit', 150_000], ['stage payment, body done', 100_000], ['balance', 250_000]], PaymentPart::query()->orderBy('id')->get()->map(static fn (PaymentPart $one): array => [$one->what, $one->amount_minor])->all());
        $divide = fn (array $parts) => $this->put('/builds/1/money/parts', ['version' => $this->build->refresh()->version, 'parts' => $parts]);
        $divide([['when' => 'order', 'amount' => '5000.01']])->assertSessionHasErrors(['parts' => 'The parts come to 5,000.01 EUR, 0.01 EUR more than the price of 5,000.00 EUR.']);
        $divide([['when' => 'order', 'amount' => '4000']])->assertSessionHasErrors(['parts' => 'The parts come to 4,000.00 EUR, 1,000.00 EUR less than the price of 5,000.00 EUR.']);
        $divide([['when' => 'stage', 'amount' => '5000']])->assertSessionHasErrors('parts.0.stage');
        $divide([['when' => 'order', 'amount' => 'much']])->assertSessionHasErrors('parts.0.amount');
        $this->write(0);
        $divide([['when' => 'order', 'amount' => '5000']])->assertSessionHasErrors('parts');
        $divide([['when' => 'stage', 'stage' => 'neck', 'amount' => '3000'], ['when' => 'delivery', 'amount' => '500']])->assertSessionHasNoErrors();
        $this->assertSame([150_000, 300_000, 50_000], PaymentPart::query()->orderBy('id')->pluck('amount_minor')->all(), 'what is invoiced stays');
        $this->put('/builds/1/money/parts', ['version' => 1, 'parts' => []])->assertSessionHasErrors('conflict');
    }

    public function test_the_deposit_is_what_was_agreed_whatever_the_house_asks_for(): void
    {
        Shop::current()->update(['deposit_permille' => 1_000, 'stage_payments' => []]);
        foreach (['1500' => [150_000, 350_000], '5000' => [500_000], '' => [500_000]] as $deposit => $parts) {
            $this->post('/commissions', ['purpose' => 'commission', 'client' => 'Bodil Rask', 'price' => '5000', 'deposit' => (string) $deposit, 'promised_on' => '2026-09-30', 'specification' => self::SPECIFICATION])->assertSessionHasNoErrors();
            $this->assertSame($parts, PaymentPart::query()->where('build_id', PaymentPart::query()->max('build_id'))->orderBy('id')->pluck('amount_minor')->all());
        }
    }

    public function test_a_deposit_above_the_price_and_stages_above_all_of_it_are_refused(): void
    {
        $this->post('/commissions', ['purpose' => 'commission', 'client' => 'Bodil Rask', 'price' => '1000', 'deposit' => '1000.01', 'specification' => self::SPECIFICATION])->assertSessionHasErrors('deposit');
        $settings = ['version' => Shop::current()->version, 'pay_days' => '14', 'refund_rule' => 'work', 'price_way' => 'margin'];
        $this->put('/money/settings', [...$settings, 'stages' => [['stage' => 'body', 'percent' => '61']]])->assertSessionHasErrors(['stages' => 'Deposit and stage payments are 101 % of the price; more than all of it cannot be asked for.']);
        $this->put('/money/settings', [...$settings, 'stages' => [], 'tax_id' => '12345'])->assertSessionHasErrors('tax_id');
    }

    public function test_the_three_invoices_of_a_commission_add_up_and_are_numbered_without_a_gap(): void
    {
        $all = [$this->write(0)];
        $this->at('2026-05-04 10:00');
        $all[] = $this->write(1);
        $this->at('2027-01-11 10:00');
        $all[] = $this->write(2);
        $this->assertSame(['2026-0001', '2026-0002', '2027-0001'], array_map(static fn (Invoice $one): string => $one->number, $all));
        $this->assertSame([150_000, 100_000, 250_000], array_map(static fn (Invoice $one): int => $one->due_minor, $all));
        foreach ($all as $one) {
            // By two ways: net and tax, and what was agreed.
            $this->assertSame($one->due_minor, $one->net_minor + $one->tax_minor + $one->rounding_minor);
            $this->assertSame((int) round($one->net_minor * 0.19), $one->tax_minor);
            $this->assertLessThanOrEqual(2, abs($one->rounding_minor));
        }
        // By hand: 5,000 with 19 % in it is 4,201.68 without; 1,500 is 1,260.50, 1,000 is 840.34.
        $this->assertSame([[420_168, -126_050, -84_034], 210_084], [array_column($all[2]->lines, 'net'), $all[2]->net_minor]);
        $this->assertSame(['2026-04-01', '2026-03-18'], [$all[0]->due_on, $all[0]->issued_on]);
        $this->assertStringContainsString('Invoice 2026-0001: deposit, 1,500.00 EUR, to be paid by Wed 1 Apr 2026.', (string) LogEntry::query()->where('kind', 'money')->orderBy('id')->firstOrFail()->text);
        $this->get("/invoices/{$all[2]->id}")->assertInertia(fn (AssertableInertia $page) => $page->component('money/Invoice')->where('buyer', ['Clara Fennimore', 'Millrace 2', '1120 Millbridge', 'Germany'])->where('lines.1.text', 'less invoice 2026-0001, deposit')->where('sums.2.value', '2,500.00 EUR')->etc());
        $this->assertStringStartsWith('%PDF', (string) $this->get("/invoices/{$all[2]->id}/invoice-a4.pdf")->assertOk()->getContent());
    }

    public function test_what_was_agreed_to_be_different_stands_in_the_balance(): void
    {
        DB::table('change_orders')->insert(['build_id' => 1, 'number' => 1, 'revision' => 2, 'revision_version' => 1, 'at' => '2026-03-20 09:00:00', 'state' => 'accepted', 'what' => 'Gold parts', 'to_do_minutes' => 0, 'lost_minutes' => 0, 'material_minor' => 10_000, 'price_minor' => 20_000, 'follows' => '[]']);
        $this->build->update(['price_minor' => 520_000]);
        app(PaymentPlans::class)->change($this->build, 20_000, 'change order 1');
        $this->write(0);
        $balance = $this->write(2);
        $this->assertSame(370_000, $balance->due_minor + 100_000, 'with the stage that is not invoiced it is the rest');
        $this->assertSame('Change order 1: Gold parts', $balance->lines[1]['text']);
    }

    public function test_nobody_changes_an_invoice_or_takes_one_away(): void
    {
        $invoice = $this->write(0);
        foreach (['due_minor' => 1, 'number' => 'x', 'lines' => '[]', 'issued_on' => '2026-01-01', 'seller' => '{}'] as $column => $value) {
            $this->assertRefused(static fn () => DB::table('invoices')->where('id', $invoice->id)->update([$column => $value]));
        }
        $this->assertRefused(static fn () => DB::table('invoices')->delete());
        $this->assertRefused(static fn () => DB::table('invoice_buyers')->update(['name' => 'Somebody else']));
        $this->assertRefused(static fn () => DB::table('invoice_buyers')->delete());
        Client::query()->update(['name' => 'Clara Moor', 'address' => 'Elsewhere']);
        $this->get("/invoices/{$invoice->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('buyer.0', 'Clara Fennimore')->where('buyer.1', 'Millrace 2')->etc());
        $part = $this->part(0);
        $this->post("/payment-parts/{$part->id}/invoice", ['amount' => $part->amount_minor])->assertSessionHasErrors(['conflict' => 'That part is invoiced already: 2026-0001. Nothing was written.']);
        $this->post("/payment-parts/{$this->part(1)->id}/invoice", ['amount' => 1])->assertSessionHasErrors('conflict');
        $this->assertSame(1, Invoice::query()->count());
    }

    /** @param  \Closure(): mixed  $tried */
    private function assertRefused(\Closure $tried): void
    {
        try {
            $tried();
            $this->fail('It was let through.');
        } catch (QueryException $refused) {
            $this->assertStringContainsString('an invoice stays as it was written', $refused->getMessage());
        }
    }

    public function test_a_credit_note_takes_it_back_whole_and_what_was_paid_counts_for_the_next(): void
    {
        $invoice = $this->write(0);
        $this->pay($invoice, '1500');
        $this->post("/invoices/{$invoice->id}/cancel", ['because' => ''])->assertSessionHasErrors('because');
        $this->post("/invoices/{$invoice->id}/cancel", ['because' => 'wrong address'])->assertSessionHasNoErrors();
        $note = Invoice::query()->orderByDesc('id')->firstOrFail();
        $this->assertSame(['2026-0002', '381', 150_000, $invoice->net_minor, $invoice->tax_minor, $invoice->rounding_minor, $invoice->lines], [$note->number, $note->kind->value, $note->due_minor, $note->net_minor, $note->tax_minor, $note->rounding_minor, $note->lines], 'it mirrors the invoice');
        $this->post("/invoices/{$invoice->id}/cancel", ['because' => 'again'])->assertSessionHasErrors(['conflict' => 'Invoice 2026-0001 is taken back already, by 2026-0002. Nothing was changed.']);
        $this->post("/invoices/{$note->id}/cancel", ['because' => 'it'])->assertSessionHasErrors('conflict');
        $this->post("/invoices/{$invoice->id}/payments", ['amount' => '1', 'on' => '2026-03-18', 'how' => 'bank'])->assertSessionHasErrors('conflict');
        $this->post("/invoices/{$note->id}/payments", ['amount' => '1', 'on' => '2026-03-18', 'how' => 'bank'])->assertSessionHasErrors('conflict');
        $next = $this->write(0);
        $this->assertSame(['2026-0003', $next->id], [$next->number, Payment::query()->sole()->invoice_id]);
        $this->get('/money')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'Nobody owes the shop anything')->has('owed', 0)->has('papers', 3)->etc());
    }

    public function test_what_an_invoice_lacks_is_said_before_a_number_is_taken(): void
    {
        $try = fn () => $this->post("/payment-parts/{$this->part(0)->id}/invoice", ['amount' => 150_000]);
        $shop = Shop::current();
        $shop->update(['seller' => [...$shop->seller, 'name' => '', 'tax_id' => '']]);
        $try()->assertSessionHasErrors(['seller' => 'An invoice says who sells; missing: a name. Write it under Money, Who sells and which tax.']);
        $shop->update(['seller' => [...$shop->seller, 'name' => 'The Bench']]);
        $try()->assertSessionHasErrors('seller');
        $shop->update(['seller' => [...$shop->seller, 'tax_id' => 'DE123456788']]);
        $this->put('/clients/1', ['name' => 'Clara Fennimore', 'address' => '', 'country' => 'norway', 'version' => Client::query()->sole()->version])->assertSessionHasNoErrors();
        $try()->assertSessionHasErrors(['tax' => 'The tax for clients in Norway is not set. Set it under Money, Who sells and which tax; what it is, the tax office there or a tax adviser says.']);
        $this->put('/clients/1', ['name' => 'Clara Fennimore', 'country' => 'Middle Earth', 'version' => Client::query()->sole()->version])->assertSessionHasErrors('country');
        $this->post('/money/taxes', ['country' => 'NO', 'name' => 'exported', 'category' => 'G', 'percent' => '0', 'reason' => ''])->assertSessionHasErrors('reason');
        $this->post('/money/taxes', ['country' => 'NO', 'name' => 'exported', 'category' => 'G', 'percent' => '5', 'reason' => 'x'])->assertSessionHasErrors('percent');
        $this->post('/money/taxes', ['country' => 'NO', 'name' => 'taxed', 'category' => 'S', 'percent' => '0'])->assertSessionHasErrors('percent');
        $this->post('/money/taxes', ['country' => 'NO', 'name' => 'exported', 'category' => 'G', 'percent' => '0', 'reason' => 'Exported'])->assertSessionHasNoErrors();
        $this->post('/money/taxes', ['country' => 'NO', 'name' => 'exported', 'category' => 'G', 'percent' => '0', 'reason' => 'Exported'])->assertSessionHasErrors('name');
        $this->post("/payment-parts/{$this->part(0)->id}/invoice", ['amount' => 150_000, 'tax' => HouseTax::query()->where('country', 'DE')->value('id')])->assertSessionHasErrors('tax');
        $try()->assertSessionHasErrors(['client' => 'An invoice needs an address; none is known of Clara Fennimore. Write it on the client’s page.']);
        $this->assertSame(0, Invoice::query()->count());
        Client::query()->update(['address' => "Fjordgate 3\n0550 Nordvik"]);
        $invoice = $this->write(0);
        $this->assertSame(['2026-0001', 150_000, 0, 'Exported'], [$invoice->number, $invoice->net_minor, $invoice->tax_minor, $invoice->lines[0]['reason']], 'what was agreed is what they pay');
    }

    public function test_a_stage_falls_due_when_its_work_is_done(): void
    {
        $this->get('/builds/1/money')->assertInertia(fn (AssertableInertia $page) => $page->component('money/BuildMoney')->where('parts.0.isDue', true)->where('parts.1.isDue', false)->where('parts.1.words', fn (string $words): bool => str_starts_with($words, 'when body is done, by the plan '))->etc());
        Operation::query()->whereIn('stage', ['brief', 'design', 'parts', 'neck', 'fretboard', 'body'])->update(['state' => 'done']);
        $this->get('/builds/1/money')->assertInertia(fn (AssertableInertia $page) => $page->where('parts.1.words', 'when body is done: can be invoiced now')->where('parts.2.isDue', false)->etc());
        $this->get('/money')->assertInertia(fn (AssertableInertia $page) => $page->has('due', 2)->where('under', '2 parts of a price can be invoiced now, 2,500.00 EUR together.')->etc());
    }

    public function test_a_currency_of_three_decimals_gets_no_structured_invoice_and_it_is_said(): void
    {
        DB::table('shops')->update(['currency' => 'KWD']);
        $invoice = $this->write(0);
        $this->get("/invoices/{$invoice->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('unstructured', 'There is no structured invoice: Amounts have two decimals at the most; KWD has 3.')->where('sums.2.value', '150.000 KWD')->etc());
        $this->assertStringContainsString('BR-DEC-18', (string) $this->get("/invoices/{$invoice->id}/invoice.xml")->assertStatus(422)->getContent());
    }

    public function test_whoever_is_deleted_stays_on_their_invoices_as_long_as_the_law_wants_and_not_longer(): void
    {
        $invoice = $this->write(0);
        $this->pay($invoice, '1500');
        DB::table('payments')->update(['words' => 'Clara Fennimore sends it']);
        $this->build->update(['status' => 'called-off', 'finished_at' => '2026-03-18 10:00:00']);
        $this->delete('/clients/1', ['version' => Client::query()->sole()->version, 'forget' => 1])->assertSessionHas('done', 'Client 1 is deleted. Name and address stay until Wed 31 Dec 2036 for the papers of what was sold, and are emptied then.');
        $this->assertSame(['Clara Fennimore', ''], [$invoice->buyer()->sole()->name, Payment::query()->sole()->words]);
        DB::table('clients')->update(['kept_until' => '2026-03-01']);
        $this->artisan('regimen:forget')->expectsOutput('1 emptied.');
        $this->assertSame(['client 1', ''], array_values($invoice->buyer()->sole()->only(['name', 'address'])));
        $this->get("/invoices/{$invoice->id}")->assertOk();
    }

    public function test_makers_see_no_money(): void
    {
        $invoice = $this->write(0);
        $this->actingAs($this->maker);
        foreach (['/money', '/money/earned', '/money/rate', '/money/bank', '/money/settings', '/builds/1/money', "/invoices/{$invoice->id}", "/invoices/{$invoice->id}/invoice.xml", '/money/2026/papers.csv'] as $page) {
            $this->get($page)->assertForbidden();
        }
    }
}
