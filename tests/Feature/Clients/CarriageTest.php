<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
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
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('travels.words', 'The promise of Fri 31 Jul 2026 means in the client’s hands. Cart and Horse carries it, 4 days on the way, 85.00 EUR with its insurance.')->etc());
        $this->get('/builds/1/letters?kind=confirmation')->assertInertia(fn (AssertableInertia $page) => $page->where('body', fn (string $body): bool => str_contains($body, 'It will be in your hands on Fri 31 Jul 2026.'))->etc());
        // Handed to the carrier: the same operation without its days.
        $this->say(['means' => 'sent', 'carrier' => 'Cart and Horse', 'days' => '4', 'cost' => '85'])->assertSessionHasNoErrors();
        $this->assertLessThan($hands, $this->finish());
        $this->assertSame([1, 1], [Operation::query()->where('key', 'like', 'carriage.%')->count(), KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->count()]);
        // And back.
        $this->say(['means' => 'shop'])->assertSessionHasNoErrors();
        $this->assertSame([0, 0, $shop], [Operation::query()->where('key', 'like', 'carriage.%')->count(), KitLine::query()->where('unit', KitLine::DONE_ELSEWHERE)->count(), $this->finish()]);
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
