<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\Client\ClientPage;
use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** What is done with clients, enquiries and quotes, and a shop in which it can be done. Made-up people throughout. */
final class ClientRequests
{
    private const BOOK = "BEGIN:VCARD\nVERSION:4.0\nFN:Cleo Wicken\nEMAIL:cleo@example.org\nEND:VCARD\n";

    private const SKETCH = ['type' => 'guitar', 'strings' => '6', 'finish' => 'wiping-oil'];

    private const OFFER = ['what' => 'A solid body', 'price' => '4800', 'tax' => '19', 'deposit' => '1000', 'promised_on' => '2026-12-01', 'valid_until' => '2026-05-01', 'words' => 'Thank you.', 'depends' => ''];

    /** @param  Closure(string, string, array<string, mixed>): void  $must */
    public static function fill(Closure $must): void
    {
        foreach (['Bodil Rask', 'Bodil Raske', 'Emil Hartwig'] as $name) {
            $must('post', '/clients', ['name' => $name]);
        }
        [$bodil, $emil] = [self::client('Bodil Rask'), self::client('Emil Hartwig')];
        $must('post', "/clients/{$bodil}/enquiries", ['wishes' => 'Dark and quick.', 'budget' => '4000']);
        $must('post', "/clients/{$emil}/enquiries", ['wishes' => 'Something light.']);
        $must('post', '/enquiries/1/sketch', ['name' => 'Asked', 'specification' => self::SKETCH]);
        $must('post', '/enquiries/1/sketch', ['name' => 'Plain', 'specification' => self::SKETCH]);
        $must('post', '/sketches/1/quote', [...self::OFFER, 'version' => 1]);
        $build = DB::table('builds')->where('number', 4)->first() ?? throw new \LogicException('No build 4.');
        $build->client_id === null && DB::table('builds')->where('id', $build->id)->update(['client_id' => $emil]);
        $must('post', '/builds/1/revisions', []);
        $must('post', '/builds/1/change-orders', ['what' => 'The same, said anew', 'price' => '50', 'version' => self::draft(1)]);
        $must('post', '/builds/4/client/page', []);
        $must('post', '/builds/4/decisions', ['question' => 'Covers?', 'options' => 'open, closed', 'operation' => self::last((int) $build->id)->id, 'last_day' => '2026-04-01']);
    }

    /** @return array<string, Whole> */
    public static function all(): array
    {
        $client = DB::table('clients')->where('name', 'Bodil Rask')->first() ?? throw new \LogicException('No client.');
        $other = DB::table('clients')->where('name', 'Bodil Raske')->first() ?? throw new \LogicException('No other.');
        $address = (string) parse_url((string) ClientPage::query()->sole()->address(), PHP_URL_PATH);
        $without = (int) DB::table('builds')->where('status', 'open')->whereNotNull('client_id')->where('number', '!=', 4)->value('number');
        $book = static fn (): array => ['file' => UploadedFile::fake()->createWithContent('book.vcf', self::BOOK)];

        return [
            'PUT builds/{build}/carriage' => new Whole('/builds/4/carriage', ['version' => DB::table('builds')->where('number', 4)->value('version'), 'means' => 'hands', 'carrier' => 'Cart and Horse', 'days' => '3', 'cost' => '85']),
            'POST clients' => new Whole('/clients', ['name' => 'Cleo Wicken']),
            'PUT clients/{client}' => new Whole("/clients/{$client->id}", ['name' => 'Bodil Rask', 'neck' => 'slim', 'version' => $client->version]),
            'DELETE clients/{client}' => new Whole("/clients/{$other->id}", ['version' => $other->version, 'forget' => 1]),
            'POST clients/{client}/talks' => new Whole("/clients/{$client->id}/talks", ['text' => 'Came by.']),
            'POST clients/{client}/join' => new Whole("/clients/{$client->id}/join", ['version' => $client->version, 'other' => $other->id, 'seen' => $other->version]),
            'POST clients/{client}/enquiries' => new Whole("/clients/{$client->id}/enquiries", ['wishes' => 'Another one.']),
            'POST clients/cards' => new Whole('/clients/cards', [], $book()),
            'POST clients/cards/look' => new Whole('/clients/cards/look', [], $book(), writes: false),
            'PUT enquiries/{enquiry}' => new Whole('/enquiries/1', ['wishes' => 'Dark, and light.', 'version' => 1]),
            'POST enquiries/{enquiry}/pictures' => new Whole('/enquiries/1/pictures', ['caption' => 'what she likes'], ['photograph' => UploadedFile::fake()->image('one.jpg', 40, 30)]),
            'POST enquiries/{enquiry}/close' => new Whole('/enquiries/2/close', ['because' => 'no answer', 'version' => 1]),
            'POST enquiries/{enquiry}/sketch' => new Whole('/enquiries/2/sketch', ['name' => 'First', 'specification' => self::SKETCH]),
            'PUT sketches/{sketch}' => new Whole('/sketches/2', ['name' => 'Plainer', 'specification' => self::SKETCH, 'version' => 1]),
            'DELETE sketches/{sketch}' => new Whole('/sketches/2', ['version' => 1, 'because' => 'out']),
            'POST sketches/feel' => new Whole('/sketches/feel', ['wishes' => ['slide', 'fast'], 'type' => 'guitar'], writes: false),
            'POST sketches/{sketch}/cheaper' => new Whole('/sketches/1/cheaper', [], writes: false),
            'POST sketches/{sketch}/quote' => new Whole('/sketches/2/quote', [...self::OFFER, 'version' => 1, 'replaces' => '1']),
            'POST quotes/{quote}/withdraw' => new Whole('/quotes/1/withdraw', ['because' => 'no date', 'version' => 1]),
            'POST quotes/{quote}/accept' => new Whole('/quotes/1/accept', ['accepted_by' => 'Bodil Rask', 'how' => 'by mail', 'on' => '2026-03-18', 'version' => 1]),
            'POST builds/{build}/client/page' => new Whole("/builds/{$without}/client/page", []),
            'DELETE builds/{build}/client/page' => new Whole('/builds/4/client/page', []),
            'PUT house/client-pages' => new Whole('/house/client-pages', ['sees' => ['stages']]),
            'POST builds/{build}/decisions' => new Whole("/builds/{$without}/decisions", ['question' => 'Stain?', 'operation' => self::last((int) DB::table('builds')->where('number', $without)->value('id'))->id, 'last_day' => '2026-04-02']),
            'POST builds/{build}/letters' => new Whole('/builds/1/letters', ['kind' => 'delay', 'to' => 'clara@example.org', 'subject' => 'Later', 'body' => 'It comes later.']),
            'POST builds/{build}/approvals' => new Whole('/builds/1/approvals', ['revision' => 1, 'approved_by' => 'Clara', 'how' => 'by mail']),
            'POST builds/{build}/change-orders' => new Whole('/builds/3/change-orders', ['what' => 'Lacquer', 'price' => '100', 'version' => self::draft(3)]),
            'POST change-orders/{order}/accept' => new Whole('/change-orders/1/accept', ['approved_by' => 'Clara', 'how' => 'by mail', 'version' => 1]),
            'POST change-orders/{order}/withdraw' => new Whole('/change-orders/1/withdraw', ['version' => 1]),
            'PUT decisions/{decision}' => new Whole('/decisions/1', ['answer' => 'open']),
            'DELETE decisions/{decision}' => new Whole('/decisions/1', []),
            'POST c/{token}/decisions/{decision}' => new Whole("{$address}/decisions/1", ['answer' => 'closed']),
        ];
    }

    private static function draft(int $number): int
    {
        return (int) DB::table('specification_revisions')->where('build_id', DB::table('builds')->where('number', $number)->value('id'))->whereNull('released_at')->value('version');
    }

    private static function client(string $name): int
    {
        return (int) DB::table('clients')->where('name', $name)->value('id');
    }

    private static function last(int $build): \stdClass
    {
        return DB::table('operations')->where('build_id', $build)->where('state', 'open')->where('waits_for', '')->orderByDesc('position')->first() ?? throw new \LogicException('Nothing waits.');
    }
}
