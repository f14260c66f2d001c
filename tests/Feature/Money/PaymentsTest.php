<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Models\Build\KitLine;
use App\Models\House\Shop;
use App\Models\Money\Payment;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** What came and went: by hand, from the bank’s file, struck, paid back. */
final class PaymentsTest extends TestCase
{
    use SellsThings;

    private const COLUMNS = ['date' => 'Booked', 'amount' => 'Amount', 'words' => 'Name, Purpose', 'currency' => 'Currency', 'day_first' => '1'];

    public function test_a_payment_is_recorded_once_and_no_more_than_is_left_unless_somebody_is_sure(): void
    {
        $invoice = $this->write(0);
        $pay = fn (array $with) => $this->post("/invoices/{$invoice->id}/payments", ['amount' => '500', 'on' => '2026-03-18', 'how' => 'bank', ...$with]);
        foreach ([['amount' => ''], ['amount' => '0'], ['amount' => 'much'], ['amount' => '12 USD']] as $wrong) {
            $pay($wrong)->assertSessionHasErrors('amount');
        }
        $pay(['on' => '2026-03-19'])->assertSessionHasErrors('on');
        $pay([])->assertSessionHasNoErrors();
        $pay([])->assertSessionHasErrors(['amount' => '500.00 EUR on Wed 18 Mar 2026 is recorded for invoice 2026-0001 already. Tick that you are sure if it is another payment.']);
        $pay(['sure' => '1'])->assertSessionHasNoErrors();
        $pay(['amount' => '500.01', 'on' => '2026-03-17'])->assertSessionHasErrors(['amount' => 'Only 500.00 EUR is left of invoice 2026-0001. Tick that you are sure if more came all the same.']);
        $pay(['amount' => '600', 'sure' => '1'])->assertSessionHasNoErrors();
        $this->get("/invoices/{$invoice->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('state', 'paid, and 100.00 EUR more')->where('left', '')->has('payments', 3)->etc());
        // The hundred too much goes back.
        $back = fn (string $amount) => $this->post('/builds/1/money/back', ['amount' => $amount, 'on' => '2026-03-18', 'how' => 'bank']);
        $back('1600.01')->assertSessionHasErrors(['amount' => 'Only 1,600.00 EUR was paid for it; more cannot go back.']);
        $back('100')->assertSessionHasNoErrors();
        $this->get("/invoices/{$invoice->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('state', 'paid')->etc());
        $this->assertSame(150_000, (int) Payment::query()->sum('amount_minor'));
    }

    public function test_what_was_entered_wrongly_is_struck_and_stays_readable(): void
    {
        $invoice = $this->write(0);
        $this->pay($invoice, '1500');
        $payment = Payment::query()->sole();
        $this->post("/payments/{$payment->id}/strike", ['because' => 'another client’s'])->assertSessionHasNoErrors();
        $this->post("/payments/{$payment->id}/strike", ['because' => 'again'])->assertSessionHasErrors('conflict');
        $this->get("/invoices/{$invoice->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('left', '1,500.00')->where('payments.0.struck', 'another client’s')->etc());
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('a payment is struck, not removed');
        DB::table('payments')->delete();
    }

    public function test_a_payment_keeps_its_amount_and_its_day(): void
    {
        $this->pay($this->write(0), '1500');
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('a payment keeps its amount and its day');
        DB::table('payments')->update(['amount_minor' => 1]);
    }

    public function test_the_banks_file_is_looked_at_and_each_payment_taken_once(): void
    {
        $invoice = $this->write(0);
        $text = "Booked;Name;Purpose;Amount;Currency\n17.03.2026;Fennimore Clara;2026-0001;1.000,00;EUR\n18.03.2026;Fennimore Clara;rest;500,00;EUR\n18.03.2026;Timber yard;ash;-90,00;EUR\n18.03.2026;Somebody;a gift;7,00;EUR\n";
        $file = static fn (string $text): UploadedFile => UploadedFile::fake()->createWithContent('bank.csv', $text);
        $this->postJson('/money/bank/look', ['file' => $file($text)])->assertJsonPath('problem', 'Say first how your bank names its columns.');
        $this->put('/money/bank', [...self::COLUMNS, 'version' => Shop::current()->version])->assertSessionHasNoErrors();
        $this->postJson('/money/bank/look', ['file' => $file("Date,Payee,Value\n2026-01-01,x,1\n")])->assertJsonPath('problem', fn (string $said): bool => str_contains($said, 'It is a file of another bank'));
        $looked = $this->postJson('/money/bank/look', ['file' => $file($text)])->assertOk()->json();
        $this->assertSame(['3 payments came; 1 line of what went is left out.', [(string) $invoice->id, '', ''], [false, false, false]], [$looked['words'], array_column($looked['rows'], 'invoice'), array_column($looked['rows'], 'isCertain')]);
        $this->assertSame('names 2026-0001, and is less than the 1,500.00 EUR that is left of it', $looked['rows'][0]['because']);
        $chosen = [$looked['rows'][0]['fingerprint'] => $invoice->id, $looked['rows'][1]['fingerprint'] => $invoice->id];
        $this->post('/money/bank', ['file' => $file($text), 'chosen' => ['not-there' => $invoice->id]])->assertSessionHasErrors('file');
        $this->post('/money/bank', ['file' => $file($text), 'chosen' => [$looked['rows'][0]['fingerprint'] => 999]])->assertSessionHasErrors('file');
        $this->post('/money/bank', ['file' => $file("Date\n1\n"), 'chosen' => []])->assertSessionHasErrors('file');
        $this->assertSame(0, Payment::query()->count());
        $this->post('/money/bank', ['file' => $file($text), 'chosen' => $chosen])->assertSessionHas('done', '2 payments recorded.');
        $this->post('/money/bank', ['file' => $file($text), 'chosen' => $chosen])->assertSessionHas('done', 'Nothing of it was new.');
        $this->assertSame([2, 150_000, 'Fennimore Clara · 2026-0001'], [Payment::query()->count(), (int) Payment::query()->sum('amount_minor'), Payment::query()->orderBy('id')->firstOrFail()->words]);
        $this->assertSame([true, true, false], array_column($this->postJson('/money/bank/look', ['file' => $file($text)])->json('rows'), 'isTaken'));
    }

    public function test_a_payment_that_was_entered_by_hand_is_known_again_in_the_file(): void
    {
        $this->pay($this->write(0), '1500', '2026-03-16');
        $this->put('/money/bank', [...self::COLUMNS, 'version' => Shop::current()->version])->assertSessionHasNoErrors();
        $row = $this->postJson('/money/bank/look', ['file' => UploadedFile::fake()->createWithContent('bank.csv', "Booked;Name;Purpose;Amount;Currency\n18.03.2026;C Fennimore;2026-0001;1500,00;EUR\n")])->json('rows.0');
        $this->assertSame(['', 'looks like the payment that was entered by hand for 2026-0001 on Mon 16 Mar', false], [$row['invoice'], $row['because'], $row['isTaken']]);
    }

    public function test_a_late_payer_is_reminded_in_a_draft(): void
    {
        $this->write(0);
        $this->at('2026-04-05 10:00');
        $this->get('/money')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', '1,500.00 EUR are owed, 1,500.00 EUR of it late')->where('owed.0.state', 'due since Wed 1 Apr, 4 days late')->where('weeks.0.words', 'due before today')->where('weeks.0.amount', '1,500.00 EUR')->etc());
        $this->get('/builds/1/letters?kind=reminder')->assertInertia(fn (AssertableInertia $page) => $page->where('body', fn (string $body): bool => str_contains($body, 'Invoice 2026-0001 for the deposit: 1,500.00 EUR, due since Wed 1 Apr 2026.') && str_contains($body, 'DE02 1203 0000 0000 2020 51'))->etc());
    }

    public function test_where_the_house_wants_it_an_overdue_payment_holds_up_what_comes_after_it(): void
    {
        $invoice = $this->write(0);
        $this->at('2026-04-05 10:00');
        $settings = ['version' => Shop::current()->version, 'name' => 'The Bench', 'address' => "Planer Street 4\n10115 Berlin", 'country' => 'DE', 'tax_id' => 'DE123456788', 'pay_days' => '14', 'refund_rule' => 'either', 'price_way' => 'margin', 'stages' => []];
        $reason = fn (): string => (string) DB::table('plan_entries as p')->join('operations as o', 'o.id', '=', 'p.operation_id')->where('o.stage', 'design')->orderBy('p.start')->value('p.start');
        $free = $reason();
        $this->put('/money/settings', [...$settings, 'unpaid_holds' => '1'])->assertSessionHasNoErrors();
        $this->assertGreaterThanOrEqual('2026-04-12', $reason(), 'a week for whoever is reminded');
        $page = $this->get('/builds/1')->inertiaProps('operations');
        $this->assertNotSame([], array_filter($page, static fn (array $one): bool => str_contains((string) json_encode($one), 'the payment of invoice 2026-0001')), 'and it says why');
        $this->pay($invoice, '1500', '2026-04-05');
        $this->assertLessThan('2026-04-12', $reason());
        $this->assertNotSame('', $free);
    }

    public function test_when_it_is_cancelled_what_goes_back_follows_the_houses_rule(): void
    {
        $this->pay($this->write(0), '1500');
        $shown = fn (): array => $this->get('/builds/1/money')->inertiaProps('cancelling');
        $this->assertSame('If it were cancelled today, nothing would go back.', $shown()['words'], 'the deposit is kept');
        Shop::current()->update(['refund_rule' => 'work']);
        $this->assertSame('If it were cancelled today, 1,500.00 EUR would go back.', $shown()['words'], 'nothing was done yet');
        $operation = $this->build->operations()->firstOrFail();
        $this->post("/operations/{$operation->id}/hours", ['hours' => '4', 'worked_on' => '2026-03-18', 'person_id' => $this->maker->id])->assertSessionHasNoErrors();
        $bridge = KitLine::query()->where('name', 'bridge')->sole();
        $bridge->update(['state' => 'arrived', 'cost_minor' => 8_000]);
        $this->build->update(['status' => 'called-off', 'finished_at' => '2026-03-18 10:00:00']);
        // By hand: 4 h at 30 are 120, with 12 % overhead 134.40, at a margin of 15 % 158.12, with 19 % tax 188.16.
        $rows = array_column($shown()['rows'], 'value', 'name');
        $this->assertSame(['188.16 EUR', '115.00 EUR', '188.16 EUR', ['bridge', 'glue, abrasives, tape, solder']], [$rows['What was done'], $rows['Can be used elsewhere'], $rows['The shop keeps'], $shown()['elsewhere']]);
        $this->assertSame(['1,311.84 EUR go back to the client.', '1,311.84'], [$shown()['words'], $shown()['back']]);
        $this->post('/builds/1/money/back', ['amount' => '1311.84', 'on' => '2026-03-18', 'how' => 'bank'])->assertSessionHasNoErrors();
        $this->assertSame('Nothing goes back, and nothing is owed.', $shown()['words']);
    }
}
