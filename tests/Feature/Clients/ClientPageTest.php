<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\Client\Client;
use App\Models\Client\ClientPage;
use App\Models\Client\Decision;
use App\Models\Plan\PlanEntry;
use App\Support\Clock;
use App\Support\PhotographFiles;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** A client’s private page, and what is decided on it. Made-up people throughout. */
final class ClientPageTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
    }

    private function address(): string
    {
        $this->post('/builds/1/client/page')->assertSessionHasNoErrors();
        $address = ClientPage::query()->whereNull('revoked_at')->sole()->address();

        return (string) parse_url((string) $address, PHP_URL_PATH);
    }

    private function waits(): Operation
    {
        return Operation::query()->where('build_id', $this->build->id)->where('state', 'open')->orderByDesc('position')->firstOrFail();
    }

    private function ask(string $options = 'open, closed', string $day = '2026-03-25'): Decision
    {
        $this->post('/builds/1/decisions', ['question' => 'Pickup covers: open or closed?', 'options' => $options, 'operation' => $this->waits()->id, 'last_day' => $day])->assertSessionHasNoErrors();

        return Decision::query()->latest('id')->firstOrFail();
    }

    public function test_a_page_is_opened_and_shows_their_instrument_and_nothing_else(): void
    {
        $other = $this->build(['scale' => '25 in'], '2026-08-10');
        $other->update(['client_id' => Client::query()->create(['name' => 'Somebody Else'])->id, 'title' => 'Else']);
        $address = $this->address();
        $this->post('/builds/1/client/page')->assertSessionHasErrors('conflict');
        auth()->logout();
        $page = $this->get($address)->assertOk()->assertHeader('Cache-Control', 'no-store, private')->assertHeader('X-Robots-Tag', 'noindex, nofollow')->assertHeader('Referrer-Policy', 'no-referrer');
        $page->assertCookieMissing((string) config('session.cookie'));
        $text = (string) $page->getContent();
        foreach (['Your instrument is being talked through', 'for Clara Fennimore', 'Friday', '31 July 2026', 'unchanged', 'Balance', '€', '<svg'] as $wanted) {
            $this->assertStringContainsString($wanted, $text);
        }
        // No hours, no prices of parts, nobody else.
        foreach (['Somebody', ' Else', 'min', $this->maker->name, 'labour', 'kit'] as $never) {
            $this->assertStringNotContainsString($never, strip_tags($text), $never);
        }
        foreach (DB::table('kit_lines')->where('build_id', $this->build->id)->where('cost_minor', '>', 0)->pluck('cost_minor') as $minor) {
            $this->assertStringNotContainsString(number_format($minor / 100, 2), strip_tags($text));
        }
    }

    public function test_an_address_that_is_guessed_revoked_or_over_is_not_there(): void
    {
        $address = $this->address();
        foreach (['/c/'.str_repeat('a', 40), '/c/short', "{$address}x", '/c/'.str_repeat('a', 39).'%00'] as $guess) {
            $this->get($guess)->assertNotFound();
        }
        $this->build->update(['status' => BuildStatus::Finished, 'finished_at' => '2026-03-17 10:00:00']);
        $this->get($address)->assertOk()->assertSee('Your instrument is ready');
        $this->build->update(['finished_at' => '2026-02-10 10:00:00']);
        $this->get($address)->assertNotFound();
        $this->build->update(['status' => BuildStatus::CalledOff, 'finished_at' => '2026-03-17 10:00:00']);
        $this->get($address)->assertNotFound();
        $this->build->update(['status' => BuildStatus::Open, 'finished_at' => null]);
        $this->get($address)->assertOk();
        $this->delete('/builds/1/client/page')->assertSessionHasNoErrors();
        $this->get($address)->assertNotFound();
        $this->delete('/builds/1/client/page')->assertSessionHasErrors('conflict');
        $again = $this->address();
        $this->assertNotSame($address, $again);
        $this->get($address)->assertNotFound();
        $this->assertSame(0, DB::table('client_pages')->where('token_hash', 'like', '%'.basename($again).'%')->orWhere('token', 'like', '%'.basename($again).'%')->count(), 'the token is not kept as it is');
        $this->actingAs($this->maker)->get('/builds/1/client')->assertForbidden();
        $this->post('/builds/1/client/page')->assertForbidden();
    }

    public function test_the_house_decides_what_is_seen_and_photographs_are_chosen(): void
    {
        $address = $this->address();
        $operation = Operation::query()->where('build_id', $this->build->id)->firstOrFail();
        $bytes = (string) file_get_contents(base_path('public/icon.svg'));
        $sha = app(PhotographFiles::class)->keep($bytes, $bytes);
        $said = ['build_id' => $this->build->id, 'operation_id' => $operation->id, 'person_id' => $this->maker->id, 'at' => '2026-03-17 09:00:00', 'sha256' => $sha, 'caption' => 'the <top> opened', 'width' => 4, 'height' => 3];
        $chosen = Photograph::query()->create([...$said, 'for_client' => true]);
        $hidden = Photograph::query()->create([...$said, 'caption' => 'a spoiled neck', 'for_client' => false]);
        $text = (string) $this->get($address)->getContent();
        $this->assertStringContainsString('the &lt;top&gt; opened', $text);
        $this->assertStringNotContainsString('spoiled', $text);
        $this->get("{$address}/photographs/{$chosen->id}.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("{$address}/photographs/{$hidden->id}.jpg")->assertNotFound();
        $this->put('/house/client-pages', ['sees' => ['hours']])->assertSessionHasErrors('sees.0');
        $this->put('/house/client-pages', ['sees' => []])->assertSessionHasNoErrors();
        $text = (string) $this->get($address)->getContent();
        foreach (['opened', 'Balance', 'class="stages"'] as $gone) {
            $this->assertStringNotContainsString($gone, $text);
        }
        $this->put('/house/client-pages', ['sees' => ['photographs', 'payments']]);
        // One file to send: everything is within it.
        $file = (string) $this->get('/builds/1/client/page.html')->assertOk()->getContent();
        $this->assertStringContainsString('data:image/jpeg;base64,', $file);
        $this->assertStringContainsString('<style>', $file);
        $this->assertDoesNotMatchRegularExpression('~(src|href|action)="(/|https?:)~', $file);
    }

    public function test_dates_and_money_stand_as_the_client_writes_them(): void
    {
        Client::query()->sole()->update(['locale' => 'de-DE']);
        $text = (string) $this->get($this->address())->getContent();
        $this->assertStringContainsString('Freitag, 31. Juli 2026', $text);
        $this->assertMatchesRegularExpression('/\d\.\d{3},\d{2}\x{A0}€/u', $text);
        $this->put('/clients/1', ['name' => 'Clara Fennimore', 'locale' => 'xx', 'version' => Client::query()->sole()->version])->assertSessionHasErrors('locale');
    }

    public function test_a_decision_is_asked_with_its_last_day_from_the_plan_and_holds_what_hangs_on_it(): void
    {
        $waits = $this->waits();
        $start = PlanEntry::query()->where('operation_id', $waits->id)->sole()->start;
        $line = collect($this->get('/builds/1/client')->inertiaProps('operations'))->firstWhere('id', $waits->id);
        $this->assertSame($start?->setTimezone('Europe/Berlin')->subDay()->toDateString(), $line['lastDay']);
        $this->post('/builds/1/decisions', ['question' => '', 'options' => 'one', 'operation' => 0, 'last_day' => '2026-03-01'])->assertSessionHasErrors(['question', 'operation', 'last_day']);
        $this->post('/builds/1/decisions', ['question' => 'Which?', 'options' => 'one', 'operation' => $waits->id, 'last_day' => '2026-03-30'])->assertSessionHasErrors('options');
        $decision = $this->ask(day: '2026-05-20');
        $this->assertSame(['pickup covers: open or closed', '2026-05-20'], array_values($waits->refresh()->only(['waits_for', 'waits_until'])));
        $this->assertGreaterThanOrEqual('2026-05-20', PlanEntry::query()->where('operation_id', $waits->id)->sole()->start?->toDateString(), 'the plan waits for it');
        $this->post('/builds/1/decisions', ['question' => 'Again?', 'operation' => $waits->id, 'last_day' => '2026-03-30'])->assertSessionHasErrors('operation');
        $address = $this->address();
        $this->get($address)->assertSee('We need you by Wednesday, 20 May 2026')->assertSee('Pickup covers: open or closed?');
        // Its day passes: the sheet says since when, and what that has cost.
        config(['regimen.now' => '2026-05-26T09:00:00Z']);
        app()->forgetInstance(Clock::class);
        $this->put('/plan/weights', []);
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'One decision is overdue')->where('decisions.0.isLate', true)->where('decisions.0.words', fn (string $words): bool => str_starts_with($words, 'Unanswered since Wed 20 May; “'))->etc());
        $this->get($address)->assertSee('each day now moves your instrument by a day');
        $this->put("/decisions/{$decision->id}", ['answer' => 'closed'])->assertSessionHasNoErrors();
        $this->assertSame('', $waits->refresh()->waits_for);
    }

    public function test_it_is_answered_on_the_page_once(): void
    {
        $decision = $this->ask();
        $address = $this->address();
        auth()->logout();
        $this->post("{$address}/decisions/{$decision->id}", ['answer' => 'half open'])->assertRedirect("{$address}?said=choose");
        $this->post("{$address}/decisions/{$decision->id}", ['answer' => ['open']])->assertRedirect("{$address}?said=choose");
        $this->post("{$address}/decisions/999", ['answer' => 'open'])->assertNotFound();
        $this->assertNull($decision->refresh()->answered_at);
        $this->post("{$address}/decisions/{$decision->id}", ['answer' => 'open'])->assertRedirect("{$address}?said=thanks");
        $this->assertSame(['open', 'by the client on their page'], array_values($decision->refresh()->only(['answer', 'answered_by'])));
        $this->get("{$address}?said=thanks")->assertSee('You decided')->assertSee('Thank you, it is written down.')->assertDontSee('We need you');
        $this->post("{$address}/decisions/{$decision->id}", ['answer' => 'closed'])->assertRedirect("{$address}?said=already");
        $this->assertSame('open', $decision->refresh()->answer);
        $this->assertSame('', $this->waits()->waits_for);
        $this->assertDatabaseHas('log_entries', ['build_id' => $this->build->id, 'kind' => 'decision', 'person_id' => null, 'text' => 'Pickup covers: open or closed? open, said by the client on their page.']);
        $this->get("{$address}?said=<script>")->assertDontSee('<script>', false);
    }

    public function test_somebody_elses_decision_is_not_theirs(): void
    {
        $decision = $this->ask();
        $second = $this->build(['scale' => '25 in'], '2026-08-10');
        $this->post('/builds/2/client/page');
        $address = (string) parse_url((string) ClientPage::query()->where('build_id', $second->id)->sole()->address(), PHP_URL_PATH);
        $this->get($address)->assertDontSee('Pickup covers');
        $this->post("{$address}/decisions/{$decision->id}", ['answer' => 'open'])->assertNotFound();
        $this->delete("/decisions/{$decision->id}")->assertSessionHasNoErrors();
        $this->assertSame('', $this->waits()->waits_for);
        $this->put("/decisions/{$decision->id}", ['answer' => 'open'])->assertSessionHasErrors('answer');
        $own = $this->ask('');
        $this->put("/decisions/{$own->id}", ['answer' => 'A little open.'])->assertSessionHasNoErrors();
        $this->assertSame('A little open.', $own->refresh()->answer);
    }
}
