<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Money\PaymentPart;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\Scenario;
use App\Queries\Plan\TryPage;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** What a promise means: ready in the shop, sent, or in the client’s hands. Made-up people throughout. */
final class CarriageTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
    }

    /** @param  array<string, mixed>  $said */
    private function say(array $said): \Illuminate\Testing\TestResponse
    {
        return $this->put('/builds/1/carriage', ['version' => $this->build->refresh()->version, 'carrier' => '', 'days' => '', 'cost' => '', ...$said]);
    }

    private function finish(): string
    {
        return (string) PlanEntry::query()->max('finish');
    }

    public function test_the_way_to_the_client_is_an_operation_with_its_days_and_its_price(): void
    {
        $shop = $this->finish();
        $this->say(['means' => 'hands'])->assertSessionHasErrors(['carrier', 'days']);
        $this->say(['means' => 'moon'])->assertSessionHasErrors('means');
        $this->say(['means' => 'hands', 'carrier' => 'Cart and Horse', 'days' => '4', 'cost' => '85'])->assertSessionHasNoErrors();
        $hands = $this->finish();
        $this->assertGreaterThanOrEqual(4.0, (new \DateTimeImmutable($shop))->diff(new \DateTimeImmutable($hands))->days, 'its days on the way count');
        $this->assertSame(['hand it to Cart and Horse', 8_500], [Operation::query()->where('key', 'like', 'carriage.%')->sole()->name, KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->sole()->costMinor()]);
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('travels.words', 'The promise of Fri 31 Jul 2026 means in the client’s hands. Cart and Horse carries it, 4 days on the way, 85.00 EUR.')->etc());
        $this->get('/builds/1/letters?kind=confirmation')->assertInertia(fn (AssertableInertia $page) => $page->where('body', fn (string $body): bool => str_contains($body, 'It will be in your hands on Fri 31 Jul 2026.'))->etc());
        // Handed to the carrier: the same operation without its days.
        $this->say(['means' => 'sent', 'carrier' => 'Cart and Horse', 'days' => '4', 'cost' => '85'])->assertSessionHasNoErrors();
        $this->assertLessThan($hands, $this->finish());
        $this->assertSame([1, 1], [Operation::query()->where('key', 'like', 'carriage.%')->count(), KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->count()]);
        // And back.
        $this->say(['means' => 'shop'])->assertSessionHasNoErrors();
        $this->assertSame([0, 0, $shop], [Operation::query()->where('key', 'like', 'carriage.%')->count(), KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->count(), $this->finish()]);
    }

    public function test_insurance_and_collecting_are_operations_of_their_own(): void
    {
        $this->say(['means' => 'sent', 'carrier' => 'Cart and Horse', 'days' => '4', 'cost' => '85', 'insurance' => '32.50'])->assertSessionHasNoErrors();
        $names = Operation::query()->where('key', 'like', 'carriage.%')->orderBy('id')->pluck('name', 'id');
        $this->assertSame(['insure it for its way', 'hand it to Cart and Horse'], $names->values()->all());
        [$insured, $handed] = $names->keys()->all();
        $this->assertDatabaseHas('operation_links', ['before_id' => $insured, 'after_id' => $handed]);
        $this->assertSame(['carriage, Cart and Horse' => 8_500, 'insurance on the way' => 3_250], KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->orderBy('id')->get()->mapWithKeys(static fn (KitLine $line): array => [$line->name => $line->costMinor()])->all());
        // Collected: minutes with the client, and neither carriage nor insurance is left.
        $this->say(['means' => 'shop', 'collecting' => '45', 'insurance' => '32.50'])->assertSessionHasNoErrors();
        $one = Operation::query()->where('key', 'like', 'carriage.%')->sole();
        $this->assertSame(['hand it to whoever collects it', 45, 0], [$one->name, $one->labour_minutes, KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->count()]);
        $this->say(['means' => 'shop', 'collecting' => '-5'])->assertSessionHasErrors('collecting');
        $this->say(['means' => 'sent', 'carrier' => 'Cart', 'days' => '2', 'insurance' => 'much'])->assertSessionHasErrors('insurance');
    }

    public function test_putting_it_to_rest_says_what_stands_still_and_what_is_paid_later(): void
    {
        $this->build->update(['price_minor' => 300_000]);
        PaymentPart::query()->where('build_id', $this->build->id)->delete();
        PaymentPart::query()->create(['build_id' => $this->build->id, 'when' => 'delivery', 'what' => 'Rest', 'amount_minor' => 300_000]);
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('travels.standsStill', fn (string $words): bool => str_contains($words, '0.00 EUR is paid')));
        $this->post('/plan/try/with', ['name' => 'No. 1 rests', 'changes' => [['kind' => 'hold', 'build' => 1, 'until' => '2027-01-11', 'because' => 'the client travels']]])->assertSessionHasNoErrors();
        $effect = app(TryPage::class)->data(Scenario::query()->latest('id')->firstOrFail())->difference;
        $this->assertNotNull($effect);
        $money = $effect->deferred()->__invoke()->money;
        $this->assertCount(1, $money);
        $this->assertMatchesRegularExpression('/^No. 1 Rest, 3,000.00 EUR: .+ → .+ 2027$/', $money[0]);
    }

    public function test_what_is_on_its_way_is_not_called_back(): void
    {
        $this->say(['means' => 'sent', 'carrier' => 'Cart and Horse', 'days' => '4'])->assertSessionHasNoErrors();
        Operation::query()->where('key', 'like', 'carriage.%')->update(['state' => 'started', 'started_at' => '2026-03-18 08:00:00']);
        $this->say(['means' => 'shop'])->assertSessionHasErrors(['conflict' => 'It is on its way already.']);
        $this->put('/builds/1/carriage', ['version' => 0, 'means' => 'shop'])->assertSessionHasErrors('conflict');
        $this->build->refresh()->update(['status' => 'called-off']);
        $this->say(['means' => 'shop'])->assertSessionHasErrors('conflict');
    }
}
