<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Backups\Forgotten;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\LogEntry;
use App\Models\Client\Client;
use App\Models\Client\Talk;
use App\Models\Plan\Plan;
use App\Support\ClientNames;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Regimen\Formats\Cards\Cards;
use Tests\TestCase;

/** Clients as people: kept, talked with, found twice, joined, taken from an address book, forgotten. Made-up people throughout. */
final class ClientsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    private function client(string $name = 'Bodil Rask', string $email = '', string $phone = ''): Client
    {
        $this->post('/clients', ['name' => $name, 'email' => $email, 'phone' => $phone])->assertSessionHasNoErrors();

        return Client::query()->where('name', $name)->sole();
    }

    public function test_a_client_is_kept_changed_and_found(): void
    {
        $this->post('/clients', ['name' => '  ', 'email' => 'nowhere', 'hand' => 'both', 'phone' => str_repeat('1', 61)])->assertSessionHasErrors(['name', 'email', 'hand', 'phone']);
        foreach (['client 12', 'Client 3', '{client 1}', '123'] as $wrong) {
            $this->post('/clients', ['name' => $wrong])->assertSessionHasErrors('name');
        }
        $client = $this->client();
        $this->post('/clients', ['name' => 'Bodil Rask'])->assertSessionHasErrors(['name' => 'There is a client “Bodil Rask” already, client 1. Say which of them it is: the town or the year of birth behind the name tells them apart.']);
        $said = ['name' => 'Bodil Rask', 'email' => 'bodil@example.org', 'phone' => '+47 555 0101', 'address' => "Fjordgate 3\n0550 Nordvik", 'hand' => 'left', 'scale' => '25 1/2 in', 'neck' => 'slim', 'action' => 'low', 'weight' => 'under 3 kg', 'instruments' => 'an old bass', 'contact' => 'evenings'];
        $this->put("/clients/{$client->id}", [...$said, 'version' => 1])->assertSessionHasNoErrors();
        $this->put("/clients/{$client->id}", [...$said, 'neck' => 'thick', 'version' => 1])->assertSessionHasErrors('conflict');
        $this->get("/clients/{$client->id}")->assertInertia(fn ($page) => $page->component('clients/Client')->where('said.neck', 'slim')->where('version', 2)->where('headline', 'Bodil Rask: nothing is made for them yet')->etc());
        foreach (['bodil', 'RASK', '0101', 'Nordvik', 'bodil nord'] as $find) {
            $this->get('/clients?find='.urlencode($find))->assertInertia(fn ($page) => $page->has('clients', 1)->etc());
        }
        foreach (['nobody', '%', 'ras_', '\\'] as $find) {
            $this->get('/clients?find='.urlencode($find))->assertInertia(fn ($page) => $page->has('clients', 0)->etc());
        }
    }

    public function test_what_was_said_is_only_added_to(): void
    {
        $client = $this->client();
        $this->post("/clients/{$client->id}/talks", ['text' => ' '])->assertSessionHasErrors('text');
        $this->post("/clients/{$client->id}/talks", ['text' => 'Wants it dark and quick under the hand.'])->assertSessionHasNoErrors();
        $this->post("/clients/{$client->id}/talks", ['text' => 'Not so dark after all.']);
        $this->assertSame(['Not so dark after all.', 'Wants it dark and quick under the hand.'], array_column($this->get("/clients/{$client->id}")->inertiaProps('talks'), 'text'));
    }

    public function test_a_commission_knows_its_client_and_the_sheet_leads_there(): void
    {
        $build = $this->build();
        $client = Client::query()->sole();
        $this->get('/builds/1')->assertInertia(fn ($page) => $page->where('build.clientId', $client->id)->etc());
        $this->actingAs($this->maker)->get('/builds/1')->assertInertia(fn ($page) => $page->where('build.clientId', null)->etc());
        $this->actingAs($this->manager)->get("/clients/{$client->id}")->assertInertia(fn ($page) => $page->where('builds.0.number', $build->number)->where('canDelete', false)->etc());
        $this->get("/commissions/new?client={$client->id}")->assertInertia(fn ($page) => $page->where('client', $client->name)->etc());
        $this->get('/commissions/new?client=999')->assertInertia(fn ($page) => $page->where('client', '')->etc());
    }

    public function test_two_entries_of_one_person_are_found_and_joined_and_nothing_is_lost(): void
    {
        $build = $this->build();
        $first = Client::query()->sole();
        $other = $this->client('Clara Fenimore', 'clara@example.org');
        $first->update(['contact' => 'by the door']);
        $other->update(['contact' => 'by the phone', 'scale' => 'short']);
        $this->post("/clients/{$other->id}/talks", ['text' => 'Came by.']);
        Build::query()->whereKey($build->id)->update(['client_id' => $other->id]);
        $alike = $this->get('/clients')->inertiaProps('alike');
        $this->assertSame([[$first->id, $other->id, 'nearly the same name']], array_map(static fn (array $one): array => [$one['id'], $one['other'], $one['why']], $alike));
        $this->post("/clients/{$first->id}/join", ['version' => 1, 'other' => $first->id, 'seen' => 1])->assertSessionHasErrors('other');
        $this->post("/clients/{$first->id}/join", ['version' => 1, 'other' => 77, 'seen' => 1])->assertSessionHasErrors('other');
        $this->post("/clients/{$first->id}/join", ['version' => 1, 'other' => $other->id, 'seen' => 9])->assertSessionHasErrors('conflict');
        $this->post("/clients/{$first->id}/join", ['version' => 1, 'other' => $other->id, 'seen' => 1])->assertSessionHasNoErrors();
        $first->refresh();
        $this->assertSame(['clara@example.org', 'by the door', 'short'], [$first->email, $first->contact, $first->scale]);
        $this->assertSame($first->id, $build->refresh()->client_id);
        $talks = implode(' ', Talk::query()->where('client_id', $first->id)->pluck('text')->all());
        $this->assertStringContainsString('Came by.', $talks);
        $this->assertStringContainsString('also written Clara Fenimore; contact: by the phone', $talks);
        $this->get("/clients/{$other->id}")->assertRedirect("/clients/{$first->id}");
        $this->post("/clients/{$other->id}/talks", ['text' => 'x'])->assertSessionHasErrors('conflict');
        $this->assertSame([], $this->get('/clients')->inertiaProps('alike'));
        // What the logbook said of the other entry it says of the one that stands for it.
        $this->assertStringContainsString('New client: Clara Fennimore.', implode(' ', LogEntry::query()->get()->pluck('text')->all()));
    }

    public function test_an_address_book_is_looked_at_and_taken_and_overwrites_nothing(): void
    {
        $this->client('Bodil Rask', 'bodil@example.org');
        $book = "BEGIN:VCARD\nVERSION:4.0\nFN:Bodil Rask\nEMAIL:other@example.org\nTEL:555 1\nEND:VCARD\nBEGIN:VCARD\nVERSION:4.0\nFN:Cleo Wicken\nEMAIL:cleo@example.org\nNOTE:Plays slide.\nEND:VCARD\n";
        $file = static fn (string $text): array => ['file' => UploadedFile::fake()->createWithContent('book.vcf', $text)];
        $this->post('/clients/cards/look', $file($book))->assertOk()->assertJsonPath('words', '1 new client, 1 known one with something more.')->assertJsonPath('changes.1.name', 'Cleo Wicken');
        $this->assertSame(1, Client::query()->count());
        $this->post('/clients/cards', $file($book))->assertSessionHas('done', '2 clients taken or added to.');
        $this->assertSame(['bodil@example.org', '555 1'], array_values(Client::query()->where('name', 'Bodil Rask')->sole()->only(['email', 'phone'])));
        $this->assertSame('Plays slide.', Client::query()->where('name', 'Cleo Wicken')->sole()->talks()->sole()->text);
        $this->post('/clients/cards', $file($book))->assertSessionHas('done', 'The address book says nothing that is not known already.');
        $this->post('/clients/cards/look', $file('Name;Mail'))->assertOk()->assertJsonPath('problem', 'Line 1 can\'t be read: a card has to begin with BEGIN:VCARD.');
        $this->post('/clients/cards', $file("BEGIN:VCARD\nFN:A\n"))->assertSessionHasErrors('file');
        $out = $this->get('/clients/cards.vcf')->assertOk()->assertHeader('Content-Type', 'text/vcard; charset=utf-8')->getContent();
        $this->assertSame(['Bodil Rask', 'Cleo Wicken'], array_map(static fn ($card): string => $card->name, Cards::read((string) $out)));
        $this->assertStringContainsString('FN:Cleo Wicken', (string) $this->get('/clients/2/card.vcf')->getContent());
    }

    public function test_an_address_book_of_ten_thousand_people_is_taken_whole(): void
    {
        $book = '';
        for ($number = 1; $number <= 10_000; $number++) {
            $book .= "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Person {$number} of ".md5((string) $number)."\r\nNOTE:no. {$number}\r\nEND:VCARD\r\n";
        }
        $this->post('/clients/cards', ['file' => UploadedFile::fake()->createWithContent('book.vcf', $book)])->assertSessionHas('done', '10000 clients taken or added to.');
        $this->assertSame(10_000, Talk::query()->count());
        $this->get('/clients')->assertInertia(fn ($page) => $page->has('clients', 60)->where('more', true)->etc());
    }

    public function test_who_asks_for_it_is_deleted_and_stands_by_number_everywhere(): void
    {
        $build = $this->build();
        $client = Client::query()->sole();
        $client->update(['email' => 'clara@example.org', 'address' => 'Millrace 2', 'phone' => '555']);
        $this->post("/clients/{$client->id}/talks", ['text' => 'Secret wishes.']);
        $this->post("/clients/{$client->id}/enquiries", ['wishes' => 'Another one for Clara Fennimore.']);
        $this->post('/builds/1/approvals', ['revision' => 1, 'approved_by' => 'Clara Fennimore', 'how' => 'by mail'])->assertSessionHasNoErrors();
        $this->post('/builds/1/letters', ['kind' => 'delay', 'to' => 'clara@example.org', 'subject' => 'Later', 'body' => 'Clara Fennimore, it comes later.'])->assertSessionHasNoErrors();
        $this->get('/logbook?words=fennimore')->assertInertia(fn ($page) => $page->where('days.0.lines.0.text', fn (string $text): bool => str_contains($text, 'Fennimore'))->etc());
        // Neither the logbook nor the plan’s history holds the name itself.
        foreach (['log_entries' => 'text', 'plans' => 'cause', 'plan_requests' => 'cause', 'plan_changes' => 'words', 'audit_entries' => 'words'] as $table => $column) {
            $this->assertSame(0, DB::table($table)->where($column, 'like', '%Fennimore%')->count(), $table);
        }
        $this->assertStringContainsString('Fennimore', Plan::query()->get()->pluck('cause')->implode(' '));
        $delete = fn (array $more = []) => $this->delete("/clients/{$client->id}", ['version' => $client->refresh()->version, 'forget' => 1, ...$more]);
        $delete()->assertSessionHasErrors(['forget' => 'No. 1 is in the making for them. Hand over or call off first; then they can be deleted.']);
        $build->update(['status' => BuildStatus::Finished, 'finished_at' => '2026-03-17 10:00:00']);
        $delete(['forget' => 0])->assertSessionHasErrors('forget');
        $delete(['version' => 0])->assertSessionHasErrors('conflict');
        $delete()->assertSessionHas('done', 'Client 1 is deleted. Name and address stay until Wed 31 Dec 2036 for the papers of what was sold, and are emptied then.');
        $client->refresh();
        $this->assertSame(['Clara Fennimore', 'Millrace 2', '', ''], [$client->name, $client->address, $client->email, $client->phone]);
        $this->assertSame([0, 'client 1'], [Talk::query()->count(), $build->refresh()->title]);
        $delete()->assertSessionHasErrors('conflict');
        $this->put('/clients/1', ['name' => 'Clara', 'version' => $client->version])->assertSessionHasErrors('conflict');
        $this->get('/clients')->assertInertia(fn ($page) => $page->has('clients', 0)->etc());
        // Its time is over: nothing is left of the name in the whole database.
        DB::table('clients')->update(['kept_until' => '2026-03-01']);
        $this->artisan('regimen:forget')->expectsOutput('1 emptied.');
        app(ClientNames::class)->forget();
        $this->assertStringContainsString('Commissioned by client 1', (string) LogEntry::query()->where('kind', 'commission')->sole()->text);
        foreach (DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'log_search%' AND name NOT LIKE 'sqlite%'") as $table) {
            $this->assertStringNotContainsString('Fennimore', (string) json_encode(DB::table($table->name)->get()), $table->name);
        }
    }

    public function test_what_the_house_does_not_keep_goes_at_once(): void
    {
        $build = $this->build();
        DB::table('shops')->update(['papers_years' => 0]);
        $build->update(['status' => BuildStatus::Finished, 'finished_at' => '2026-03-17 10:00:00']);
        $this->delete('/clients/1', ['version' => Client::query()->sole()->version, 'forget' => 1])->assertSessionHas('done', 'Client 1 is deleted.');
        $this->assertSame('client 1', Client::query()->sole()->name);
    }

    /** The file beside the database is what a copy that is put back does not know. */
    public function test_a_copy_that_is_put_back_forgets_again(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'shop').'.sqlite';
        config(['database.connections.sqlite.database' => $file]);
        try {
            $client = $this->client();
            $this->delete("/clients/{$client->id}", ['version' => 1, 'forget' => 1])->assertSessionHas('done', 'Client 1 is deleted.');
            $this->assertStringNotContainsString('Rask', (string) file_get_contents("{$file}.forgotten.json"));
            // The copy is older: there they are again, and somebody else has the number of another.
            DB::table('clients')->where('id', $client->id)->update(['name' => 'Bodil Rask', 'email' => 'bodil@example.org', 'forgotten_at' => null]);
            $this->assertSame(1, app(Forgotten::class)->again());
            $this->assertSame(['client 1', ''], array_values($client->refresh()->only(['name', 'email'])));
            DB::table('clients')->where('id', $client->id)->update(['name' => 'Cleo Wicken', 'forgotten_at' => null]);
            $this->assertSame(0, app(Forgotten::class)->again());
            $this->assertSame('Cleo Wicken', $client->refresh()->name);
        } finally {
            @unlink("{$file}.forgotten.json");
        }
    }

    public function test_names_stand_by_number_however_they_stand_in_a_sentence(): void
    {
        $this->client('Bodil Rask');
        $this->client('Jo de la Tarn');
        $names = app(ClientNames::class);
        foreach ([
            'Bodil Rask’s neck, for Rask.' => '{client 1}’s neck, for {surname 1}.',
            'Asked Jo de la Tarn, then Tarn: Bodil' => 'Asked {client 2}, then {surname 2}: Bodil',
            'Raskolnik and (Rask)' => 'Raskolnik and ({surname 1})',
            '32 · Rask, Bodil Rask' => '32 · {surname 1}, {client 1}',
        ] as $text => $numbered) {
            $this->assertSame($numbered, $names->numbered($text));
            $this->assertSame($text, $names->said($numbered));
        }
        $this->assertSame('client 99 {x} {client}', $names->said('{client 99} {x} {client}'));
    }
}
