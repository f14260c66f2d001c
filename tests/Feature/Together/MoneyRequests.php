<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** What is done with money, and a shop in which it can be done. Made-up people throughout. */
final class MoneyRequests
{
    private const BANK = "Booked;Name;Amount\n18.03.2026;Somebody;20,00\n";

    private const SETTINGS = ['name' => 'The Bench', 'address' => "Planer Street 4\n10115 Berlin", 'country' => 'DE', 'tax_id' => 'DE123456788', 'pay_days' => '14', 'refund_rule' => 'either', 'price_way' => 'margin', 'stages' => [['stage' => 'body', 'percent' => '10']]];

    /** @param  Closure(string, string, array<string, mixed>): void  $must */
    public static function fill(Closure $must): void
    {
        $must('put', '/money/settings', [...self::SETTINGS, 'version' => self::version()]);
        $must('post', '/money/taxes', ['country' => 'DE', 'name' => 'usual', 'category' => 'S', 'percent' => '19']);
        $must('post', '/money/taxes', ['country' => 'NO', 'name' => 'exported', 'category' => 'G', 'percent' => '0', 'reason' => 'Exported']);
        $must('put', '/money/bank', ['date' => 'Booked', 'amount' => 'Amount', 'words' => 'Name', 'day_first' => '1', 'version' => self::version()]);
        DB::table('clients')->where('address', '')->update(['address' => "Mill Lane 4\n1120 Millbridge"]);
        [$first, $second] = self::parts();
        $must('post', "/payment-parts/{$first->id}/invoice", ['amount' => $first->amount_minor]);
        $must('post', "/payment-parts/{$second->id}/invoice", ['amount' => $second->amount_minor]);
        $must('post', '/invoices/1/payments', ['amount' => '30', 'on' => '2026-03-18', 'how' => 'cash']);
    }

    /** @return array<string, Whole> */
    public static function all(): array
    {
        $part = self::parts()[0];
        $bank = static fn (): array => ['file' => UploadedFile::fake()->createWithContent('bank.csv', self::BANK)];
        $paid = DB::table('builds')->where('id', DB::table('payments')->value('build_id'))->first() ?? throw new \LogicException('Nothing was paid.');
        $build = DB::table('builds')->where('id', $part->build_id)->first() ?? throw new \LogicException('No build.');
        $open = DB::table('payment_parts')->where('build_id', $build->id)->whereNull('invoice_id')->get();
        $money = static fn (int $minor): string => number_format($minor / 100, 2, '.', '');

        return [
            'PUT money/settings' => new Whole('/money/settings', [...self::SETTINGS, 'pay_days' => '30', 'version' => self::version()]),
            'POST money/taxes' => new Whole('/money/taxes', ['country' => 'FR', 'name' => 'usual', 'category' => 'S', 'percent' => '20']),
            'DELETE money/taxes/{tax}' => new Whole('/money/taxes/2', []),
            'PUT money/rate' => new Whole('/money/rate', ['wages' => '60000', 'overhead' => '18000', 'version' => self::version()]),
            'PUT money/bank' => new Whole('/money/bank', ['date' => 'Day', 'amount' => 'Amount', 'words' => 'Name', 'day_first' => '1', 'version' => self::version()]),
            'POST money/bank' => new Whole('/money/bank', ['chosen' => [self::fingerprint() => 1]], $bank()),
            'POST money/bank/look' => new Whole('/money/bank/look', [], $bank(), writes: false),
            'POST payment-parts/{part}/invoice' => new Whole("/payment-parts/{$part->id}/invoice", ['amount' => $part->amount_minor]),
            'POST invoices/{invoice}/payments' => new Whole('/invoices/1/payments', ['amount' => '40', 'on' => '2026-03-17', 'how' => 'bank']),
            'POST invoices/{invoice}/cancel' => new Whole('/invoices/2/cancel', ['because' => 'wrong address']),
            'POST payments/{payment}/strike' => new Whole('/payments/1/strike', ['because' => 'not ours']),
            'POST builds/{build}/money/back' => new Whole("/builds/{$paid->number}/money/back", ['amount' => '10', 'on' => '2026-03-18', 'how' => 'bank']),
            'PUT builds/{build}/money/parts' => new Whole("/builds/{$build->number}/money/parts", ['version' => $build->version, 'parts' => [
                ['when' => 'order', 'amount' => $money((int) $open->sum('amount_minor') - 100)], ['when' => 'delivery', 'amount' => '1.00'],
            ]]),
            'PUT builds/{build}/money/price' => new Whole("/builds/{$build->number}/money/price", ['version' => $build->version, 'way' => 'effort']),
            'POST builds/{build}/money/sell' => new Whole("/builds/{$build->number}/money/sell", ['version' => $build->version, 'client' => $build->client_id, 'price' => '4200'], fails: 'has a client already'),
            'POST builds/{build}/money/settle' => new Whole("/builds/{$build->number}/money/settle", ['version' => $build->version], fails: 'The price is fixed'),
        ];
    }

    private static function version(): int
    {
        return (int) DB::table('shops')->value('version');
    }

    /** @return list<\stdClass> that are not invoiced, of builds with a client */
    private static function parts(): array
    {
        return array_values(DB::table('payment_parts')->whereNull('invoice_id')->where('amount_minor', '>', 0)->orderBy('id')->get()->all());
    }

    /** As the file is read: its only line, for the first time. */
    private static function fingerprint(): string
    {
        return hash('sha256', "2026-03-18\n2000\nSomebody\n1");
    }
}
