<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Models\Client\Sketch;
use App\Planning\Clients\QuoteDates;
use App\Queries\Plan\HeldOnHorizon;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** From the first talk to the commission: enquiries, sketches side by side, quotes. Made-up people throughout. */
final class EnquiriesTest extends TestCase
{
    private Enquiry $enquiry;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->post('/clients', ['name' => 'Bodil Rask', 'hand' => 'left', 'neck' => 'slim', 'address' => 'Fjordgate 3']);
        $this->post('/clients/1/enquiries', ['wishes' => 'Dark, airy, quick under the hand.', 'budget' => '3000', 'wanted_by' => '2026-07-01'])->assertSessionHasNoErrors();
        $this->enquiry = Enquiry::query()->sole();
    }

    /** @param  array<string, mixed>  $more */
    private function sketch(string $name = 'As asked for', array $more = []): Sketch
    {
        $this->post("/enquiries/{$this->enquiry->id}/sketch", ['name' => $name, 'specification' => [...self::SPECIFICATION, ...$more]])->assertSessionHasNoErrors();

        return Sketch::query()->where('name', $name)->sole();
    }

    /** @param  array<string, mixed>  $more */
    private function quote(Sketch $sketch, array $more = []): Quote
    {
        $this->post("/sketches/{$sketch->id}/quote", [
            'what' => 'A left-handed solid body', 'price' => '4800', 'tax' => '19', 'deposit' => '1200', 'promised_on' => '2026-07-31', 'valid_until' => '2026-04-10', 'words' => 'Thank you.', 'depends' => "Covers by 1 May\nColour by 1 June",
            'version' => $sketch->version, ...$more,
        ])->assertSessionHasNoErrors();

        return Quote::query()->latest('id')->firstOrFail();
    }

    public function test_wishes_are_kept_as_they_were_said(): void
    {
        $this->post('/clients/1/enquiries', ['wishes' => ' ', 'budget' => '-1', 'wanted_by' => '2026-03-01'])->assertSessionHasErrors(['wishes', 'budget', 'wanted_by']);
        $this->put('/enquiries/1', ['wishes' => 'Light.', 'budget' => '', 'wanted_by' => '', 'version' => 1])->assertSessionHasNoErrors();
        $this->put('/enquiries/1', ['wishes' => 'Heavy.', 'version' => 1])->assertSessionHasErrors('conflict');
        $this->get('/enquiries/1')->assertInertia(fn (AssertableInertia $page) => $page->component('clients/Enquiry')->where('wishes', 'Light.')->where('budget', '')->where('likes', 'left-handed; neck slim')->etc());
        $this->post('/enquiries/1/close', ['because' => '', 'version' => 2])->assertSessionHasErrors('because');
        $this->post('/enquiries/1/close', ['because' => 'bought elsewhere', 'version' => 2])->assertSessionHasNoErrors();
        $this->put('/enquiries/1', ['wishes' => 'Again.', 'version' => 3])->assertSessionHasErrors('conflict');
        $this->get('/enquiries')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'Nobody waits for an answer')->where('closed.0', 'Bodil Rask, Wed 18 Mar: bought elsewhere.')->etc());
    }

    public function test_sketches_stand_side_by_side_with_price_weight_and_dates(): void
    {
        $this->get('/enquiries/1/sketch')->assertInertia(fn (AssertableInertia $page) => $page->component('clients/Sketch')->where('typed', ['hand' => 'left'])->etc());
        $this->post('/enquiries/1/sketch', ['name' => '', 'specification' => ['scale' => 'long', 'frets' => '900']])->assertSessionHasErrors('name');
        $this->post('/enquiries/1/sketch', ['name' => 'X', 'specification' => ['scale' => 'long']])->assertSessionHasErrors('specification.scale');
        $first = $this->sketch();
        $this->sketch('Plain', ['finish' => 'wiping-oil', 'pickups' => [['place' => 'bridge', 'kind' => 'humbucker']]]);
        $page = $this->get('/enquiries/1');
        [$one, $other] = $page->inertiaProps('sketches');
        $this->assertSame(['As asked for', 'Plain', ''], [$one['name'], $other['name'], $one['problem']]);
        $minor = static fn (string $words): int => (int) str_replace([',', '.'], '', $words);
        $this->assertGreaterThan($minor($other['price']), $minor($one['price']));
        // By another way: the same specification as a commission costs the same.
        $asked = $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])->json('figures');
        $this->assertSame([$asked['price'], $asked['hours'], $asked['material']], [$one['price'], $one['hours'], $one['material']]);
        $this->assertStringEndsWith($minor($one['price']) > 300_000 ? ' over the budget' : ' within the budget', $one['budget']);
        $page->assertInertia(fn (AssertableInertia $page) => $page->loadDeferredProps(fn (AssertableInertia $later) => $later->has('dates', 2)->where('dates.0.days.1.percent', 80)->where('dates.0.wanted', fn (mixed $wanted): bool => is_int($wanted))->etc()));
        $this->put("/sketches/{$first->id}", ['name' => 'Asked', 'specification' => self::SPECIFICATION, 'version' => 1])->assertSessionHasNoErrors();
        $this->put("/sketches/{$first->id}", ['name' => 'Again', 'specification' => self::SPECIFICATION, 'version' => 1])->assertSessionHasErrors('conflict');
        $this->delete("/sketches/{$first->id}", ['version' => 1, 'because' => 'x'])->assertSessionHasErrors('conflict');
        $this->delete("/sketches/{$first->id}", ['version' => 2, 'because' => 'x'])->assertSessionHasNoErrors();
        $this->assertSame(['Plain'], Sketch::query()->pluck('name')->all());
    }

    public function test_what_would_cost_less_is_really_worked_out_and_ranked(): void
    {
        $sketch = $this->sketch('Fine', ['boardTimber' => 'African ebony', 'finish' => 'nitrocellulose']);
        $before = $this->get('/enquiries/1')->inertiaProps('sketches')[0]['price'];
        $ways = $this->postJson("/sketches/{$sketch->id}/cheaper")->assertOk()->json('ways');
        $this->assertNotEmpty($ways);
        $minor = static fn (string $words): int => (int) str_replace([',', '.'], '', $words);
        $saves = array_map(static fn (array $one): int => $minor($one['saves']), $ways);
        $sorted = $saves;
        rsort($sorted);
        $this->assertSame($sorted, $saves, 'the best first');
        $this->assertSame(count($ways), count(array_unique(array_column($ways, 'field'))), 'one idea for each thing');
        foreach ($ways as $way) {
            $this->assertSame($minor($before), $minor($way['price']) + $minor($way['saves']), $way['field']);
        }
        $this->assertContains('Radius the board', array_column($ways, 'field'), 'another tool is a way, too');
        // One of them by the form that a commission is taken with.
        $finish = collect($ways)->firstWhere('field', 'Finish');
        $this->assertNotNull($finish);
        $this->assertSame(1, Sketch::query()->count(), 'nothing is taken by looking');
    }

    public function test_pictures_come_with_an_enquiry(): void
    {
        $this->post('/enquiries/1/pictures', ['photograph' => UploadedFile::fake()->createWithContent('a.jpg', 'no picture')])->assertSessionHasErrors('photograph');
        $this->post('/enquiries/1/pictures', ['photograph' => UploadedFile::fake()->image('a.jpg', 80, 60), 'caption' => 'a walnut top'])->assertSessionHasNoErrors();
        $picture = $this->get('/enquiries/1')->inertiaProps('pictures')[0];
        $this->assertSame([80, 60, 'a walnut top'], [$picture['width'], $picture['height'], $picture['caption']]);
        $this->get("/photographs/{$picture['id']}-small.jpg")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->actingAs($this->maker)->get("/photographs/{$picture['id']}-small.jpg")->assertNotFound();
        $this->get("/photographs/{$picture['id']}.jpg")->assertNotFound();
        $this->actingAs($this->manager)->post('/enquiries/1/close', ['because' => 'bought elsewhere', 'version' => 1]);
        $this->post('/enquiries/1/pictures', ['photograph' => UploadedFile::fake()->image('b.jpg', 80, 60)])->assertSessionHasErrors('conflict');
    }

    public function test_from_what_a_player_says_figures_are_proposed(): void
    {
        $asked = $this->postJson('/sketches/feel', ['wishes' => ['slide', 'fast'], 'type' => 'guitar'])->assertOk();
        $this->assertContains('actionTreble', array_column($asked->json('proposals'), 'field'));
        $this->assertCount(2, $asked->json('contradictions'));
        foreach ($asked->json('proposals') as $one) {
            $this->postJson('/commissions/forecast', ['specification' => [...self::SPECIFICATION, $one['field'] => $one['rows'] ?? $one['typed']]])->assertOk()->assertJsonPath('problems', []);
        }
        $this->postJson('/sketches/feel', ['wishes' => ['love']])->assertUnprocessable();
        $this->postJson('/sketches/feel', ['wishes' => [], 'type' => 'harp'])->assertUnprocessable();
    }

    public function test_a_quote_says_what_it_says_and_never_changes(): void
    {
        $sketch = $this->sketch();
        $this->get("/sketches/{$sketch->id}/quote")->assertInertia(fn (AssertableInertia $page) => $page->component('clients/QuoteForm')->where('said.valid_until', '2026-04-17')->where('said.promised_on', fn (string $day): bool => $day > '2026-03-20')->etc());
        $wrong = fn (array $said) => $this->post("/sketches/{$sketch->id}/quote", ['what' => 'X', 'price' => '10', 'tax' => '0', 'promised_on' => '2026-07-31', 'valid_until' => '2026-04-10', 'version' => 1, ...$said]);
        $wrong(['deposit' => '11'])->assertSessionHasErrors('deposit');
        $wrong(['price' => '0'])->assertSessionHasErrors('price');
        $wrong(['tax' => '51'])->assertSessionHasErrors('tax');
        $wrong(['promised_on' => '2026-03-17'])->assertSessionHasErrors('promised_on');
        $wrong(['valid_until' => '2026-08-01'])->assertSessionHasErrors('valid_until');
        $wrong(['version' => 0])->assertSessionHasErrors('conflict');
        $quote = $this->quote($sketch, ['words' => "# Thanks\n\n<script>alert(1)</script>\n\n[x](javascript:alert(1)) *soon*"]);
        $page = $this->get("/quotes/{$quote->id}");
        $lines = array_column($page->inertiaProps('lines'), 1, 0);
        // Net and tax by the definition: 4,800 of which 19 % of the net.
        $this->assertSame(['4,800.00 EUR', '766.39 EUR', '1,200.00 EUR', '3,600.00 EUR'], array_slice(array_values($lines), 0, 4));
        $this->assertSame(['Covers by 1 May', 'Colour by 1 June'], $page->inertiaProps('depends'));
        $words = $page->inertiaProps('words');
        $this->assertStringContainsString('<em>soon</em>', $words);
        $this->assertStringNotContainsString('<script', $words);
        $this->assertStringNotContainsString('javascript:', $words);
        $this->assertStringContainsString('accepted today it would be ready', mb_strtolower($page->inertiaProps('standing')));
        $this->get("/quotes/{$quote->id}/quote-a4.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->get("/quotes/{$quote->id}/quote-a9.pdf")->assertNotFound();
        $this->expectExceptionMessage('a quote stays as it was given');
        DB::table('quotes')->update(['price_minor' => 1]);
    }

    public function test_another_edition_replaces_an_open_one(): void
    {
        $sketch = $this->sketch();
        $first = $this->quote($sketch);
        $second = $this->quote($sketch, ['price' => '5000', 'replaces' => $first->id]);
        $this->assertSame([1, 2, QuoteState::Replaced, 'quote 1/2'], [$second->number, $second->edition, $first->refresh()->state, $second->name()]);
        $this->post("/sketches/{$sketch->id}/quote", ['what' => 'X', 'price' => '10', 'tax' => '0', 'promised_on' => '2026-07-31', 'valid_until' => '2026-04-10', 'version' => 1, 'replaces' => $first->id])->assertSessionHasErrors('conflict');
        $third = $this->quote($sketch);
        $this->assertSame([2, 1], [$third->number, $third->edition]);
        $this->post("/quotes/{$first->id}/accept", ['accepted_by' => 'Bodil', 'how' => 'by mail', 'on' => '2026-03-18', 'version' => $first->version])->assertSessionHasErrors('conflict');
    }

    public function test_an_accepted_quote_becomes_the_commission_with_exactly_what_it_says(): void
    {
        $sketch = $this->sketch('As asked for', ['scale' => '25 in']);
        $quote = $this->quote($sketch);
        $other = $this->quote($sketch);
        // What the house has otherwise since then, and another sketch, change nothing of it.
        $this->put("/sketches/{$sketch->id}", ['name' => 'Other', 'specification' => [...self::SPECIFICATION, 'scale' => '24 in'], 'version' => 1]);
        DB::table('house_models')->delete();
        $accept = fn (array $said = []) => $this->post("/quotes/{$quote->id}/accept", ['accepted_by' => 'Bodil Rask', 'how' => 'in the shop', 'on' => '2026-03-18', 'version' => $quote->refresh()->version, ...$said]);
        $accept(['accepted_by' => '', 'how' => ''])->assertSessionHasErrors(['accepted_by', 'how']);
        $accept(['on' => '2026-03-19'])->assertSessionHasErrors('on');
        $accept(['on' => '2026-03-17'])->assertSessionHasErrors('on');
        $accept(['version' => 9])->assertSessionHasErrors('conflict');
        $accept()->assertRedirect('/builds/1');
        $build = Build::query()->sole();
        $this->assertSame([480_000, 120_000, '2026-07-31', 1], [$build->price_minor, $build->deposit_minor, $build->promised_on, $build->client_id]);
        $this->assertSame([$quote->typed, $quote->house], [$build->specification->client, $build->specification->house]);
        $this->assertSame([QuoteState::Accepted, $build->id, QuoteState::Withdrawn], [$quote->refresh()->state, $quote->build_id, $other->refresh()->state]);
        $this->assertSame('No. 1 is made of it', $this->enquiry->refresh()->closed_because);
        $accept()->assertSessionHasErrors('conflict');
        $this->assertSame(1, Build::query()->count());
        $this->get("/quotes/{$quote->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('state', 'Accepted by Bodil Rask, in the shop, on Wed 18 Mar 2026.')->where('build', 1)->etc());
        $this->post('/enquiries/1/sketch', ['name' => 'Late', 'specification' => self::SPECIFICATION])->assertSessionHasErrors('conflict');
    }

    public function test_a_quote_that_ended_is_not_accepted(): void
    {
        $quote = $this->quote($this->sketch());
        config(['regimen.now' => '2026-04-11T09:00:00Z']);
        app()->forgetInstance(\App\Support\Clock::class);
        $this->get('/enquiries')->assertInertia(fn (AssertableInertia $page) => $page->where('open.0.next', 'Ask whether they still want it')->where('open.0.urgent', true)->etc());
        $said = ['accepted_by' => 'Bodil', 'how' => 'by mail', 'version' => 1];
        $this->post("/quotes/{$quote->id}/accept", [...$said, 'on' => '2026-04-11'])->assertSessionHasErrors(['on' => 'Quote 1 ended on Fri 10 Apr 2026. Its price and date were worked out for then: make another edition of it.']);
        // On its last day it was accepted, and is written down a day later.
        $this->post("/quotes/{$quote->id}/accept", [...$said, 'on' => '2026-04-10'])->assertSessionHasNoErrors();
    }

    public function test_what_is_quoted_holds_its_place_and_says_when_its_date_no_longer_holds(): void
    {
        $sketch = $this->sketch();
        $alone = $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])->json('figures.ready');
        $quote = $this->quote($sketch, ['promised_on' => $alone, 'valid_until' => '2026-03-25']);
        app()->forgetScopedInstances();
        $this->assertSame($alone, app(QuoteDates::class)->all()[$quote->id]);
        $behind = $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])->json('figures.ready');
        $this->assertGreaterThan($alone, $behind, 'whoever asks next is planned behind it');
        DB::table('shops')->update(['quotes_hold' => false]);
        $this->assertSame($alone, $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])->json('figures.ready'));
        DB::table('shops')->update(['quotes_hold' => true]);
        $this->get('/enquiries')->assertInertia(fn (AssertableInertia $page) => $page->where('open.0.next', 'Ask for an answer')->etc());
        // Two commissions come first: the date no longer holds.
        $this->build([], '2026-04-01');
        $this->build(['scale' => '25 in'], '2026-04-02');
        app()->forgetScopedInstances();
        $held = app(HeldOnHorizon::class)->places();
        $this->assertSame([$quote->id, 'Quote 1', true], [$held[0]->id, $held[0]->name, $held[0]->late]);
        $this->assertTrue($held[0]->from < $held[0]->to && $held[0]->to > $held[0]->promiseAt);
        DB::table('shops')->update(['quotes_hold' => false]);
        app()->forgetScopedInstances();
        $this->assertSame([], app(HeldOnHorizon::class)->places());
        DB::table('shops')->update(['quotes_hold' => true]);
        app()->forgetScopedInstances();
        $this->get('/enquiries')->assertInertia(fn (AssertableInertia $page) => $page->where('open.0.next', 'Quote another date')->where('headline', 'One enquiry needs you')->etc());
        $this->assertStringContainsString('can no longer be kept', $this->get("/quotes/{$quote->id}")->inertiaProps('standing'));
        $this->post("/quotes/{$quote->id}/withdraw", ['because' => '', 'version' => 1])->assertSessionHasErrors('because');
        $this->post('/enquiries/1/close', ['because' => 'no answer', 'version' => 1])->assertSessionHasErrors('because');
        $this->post("/quotes/{$quote->id}/withdraw", ['because' => 'no date', 'version' => 1])->assertSessionHasNoErrors();
        $this->post("/quotes/{$quote->id}/withdraw", ['because' => 'again', 'version' => 2])->assertSessionHasErrors('conflict');
        $this->post('/enquiries/1/close', ['because' => 'no answer', 'version' => 1])->assertSessionHasNoErrors();
    }

    public function test_makers_see_nothing_of_it(): void
    {
        $sketch = $this->sketch();
        $quote = $this->quote($sketch);
        $this->actingAs($this->maker);
        $this->get('/horizon')->assertInertia(fn (AssertableInertia $page) => $page->where('held', null)->etc());
        foreach (['/clients', '/clients/1', '/clients/cards.vcf', '/enquiries', '/enquiries/1', '/enquiries/1/sketch', "/sketches/{$sketch->id}", "/sketches/{$sketch->id}/quote", "/quotes/{$quote->id}", "/quotes/{$quote->id}/quote-a4.pdf"] as $page) {
            $this->get($page)->assertForbidden();
        }
        $this->post("/quotes/{$quote->id}/accept", ['accepted_by' => 'me', 'how' => 'so', 'on' => '2026-03-18', 'version' => 1])->assertForbidden();
        $this->delete('/clients/1', ['version' => 1, 'forget' => 1])->assertForbidden();
        $this->assertSame('Bodil Rask', Client::query()->sole()->name);
    }
}
