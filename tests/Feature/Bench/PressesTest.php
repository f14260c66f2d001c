<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Bench\BenchNote;
use App\Models\Bench\BenchPress;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** What was pressed without a network and is sent later, and a tablet that people share. */
final class PressesTest extends TestCase
{
    use AtTheBench;

    /** @return list<array<string, mixed>> */
    private function forty(Operation $operation): array
    {
        $presses = [];
        for ($at = 0; $at < 40; $at++) {
            $presses[] = [
                'uuid' => (string) Str::uuid(), 'kind' => ['start', 'note', 'stop', 'note'][$at % 4], 'at' => sprintf('2026-03-16T07:%02d:00Z', $at + 10),
                'operation' => $operation->id, 'said' => ['text' => "note {$at}"],
            ];
        }

        return $presses;
    }

    public function test_forty_presses_sent_twice_are_done_once_in_order_each_at_its_time(): void
    {
        $channel = $this->ready('neck.channel');
        $presses = $this->forty($channel);
        $this->at('2026-03-16 11:00');
        $first = $this->postJson('/bench/presses', ['presses' => $presses])->assertOk()->json('results');
        $this->assertSame([true], array_values(array_unique(array_column($first, 'done'))));
        $again = $this->postJson('/bench/presses', ['presses' => $presses])->assertOk()->json('results');
        $this->assertSame($first, $again);
        $this->assertSame([10, 20, 40], [TimeEntry::query()->count(), (int) TimeEntry::query()->sum('minutes'), BenchPress::query()->count()]);
        $this->assertSame('2026-03-16T07:10:00Z', TimeEntry::query()->orderBy('id')->firstOrFail()->started_at?->toIso8601ZuluString());
        $this->assertSame(OperationState::Started, $channel->refresh()->state);
    }

    public function test_what_was_overtaken_meanwhile_is_told_and_the_rest_is_done(): void
    {
        $channel = $this->ready('neck.channel');
        $this->gateClosed($channel);
        $this->at('2026-03-16 10:00');
        $this->actingAs($this->manager->refresh())->post("/operations/{$channel->id}/finish", ['version' => $channel->refresh()->version])->assertSessionHasNoErrors();
        $press = static fn (string $kind, string $at, array $said = []): array => ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $at, 'operation' => $channel->id, 'said' => $said];
        $results = $this->actingAs($this->maker->refresh())->postJson('/bench/presses', ['presses' => [
            $press('start', '2026-03-16T08:30:00Z'), $press('note', '2026-03-16T08:40:00Z', ['text' => 'done before']),
            $press('note', '2026-03-20T08:40:00Z', ['text' => 'from the future']), $press('reading', '2026-03-16T08:45:00Z', ['line' => 'depth-of-the-channel', 'place' => 'middle', 'value' => '9.1']),
        ]])->assertOk()->json('results');
        $this->assertSame([false, true, false, false], array_column($results, 'done'));
        $this->assertStringContainsString('The labour of “truss-rod channel” is done', $results[0]['words']);
        $this->assertStringContainsString('cannot be', $results[2]['words']);
        $this->assertSame(0, TimeEntry::query()->count());
        $this->assertTrue(LogEntry::query()->where('text', 'like', 'Pressed without a network, start%')->exists());
        foreach ([['presses' => 'x'], ['presses' => []], ['presses' => [['uuid' => 'x', 'kind' => 'start', 'at' => 'now']]], ['presses' => [['uuid' => (string) Str::uuid(), 'kind' => 'fly', 'at' => '2026-03-16']]]] as $wrong) {
            $this->postJson('/bench/presses', $wrong)->assertUnprocessable();
        }
    }

    public function test_a_code_opens_the_bench_alone_and_after_five_wrong_ones_it_waits(): void
    {
        $this->put('/account/bench-code', ['bench_code' => '12'])->assertSessionHasErrors('bench_code');
        $this->put('/account/bench-code', ['bench_code' => '1111'])->assertSessionHasErrors('bench_code');
        $this->put('/account/bench-code', ['bench_code' => '4711'])->assertSessionHasNoErrors();
        $this->post('/bench/tablets', ['name' => 'tablet'])->assertForbidden();
        $given = $this->actingAs($this->manager->refresh())->post('/bench/tablets', ['name' => 'tablet'])->assertRedirect('/bench/names');
        $cookie = $given->getCookie('regimen-tablet');
        $this->assertNotNull($cookie);
        auth()->logout();
        session()->flush();
        $this->get('/bench/names')->assertRedirect('/sign-in');
        $this->withCookie('regimen-tablet', (string) $cookie->getValue());
        $this->get('/today')->assertRedirect('/bench/names');
        $this->assertSame(['Tobias'], array_column($this->get('/bench/names')->inertiaProps('names'), 'name'));

        $this->post('/bench/names', ['person' => $this->maker->id, 'code' => '4711'])->assertRedirect('/bench');
        $this->get('/bench')->assertOk()->assertInertia(static fn ($page) => $page->where('shared', true));
        foreach (['/today', '/builds', '/account', '/parts'] as $path) {
            $this->get($path)->assertRedirect('/bench');
        }
        $this->put('/account/password', ['current' => 'a long password', 'password' => 'another long one'])->assertRedirect('/bench');
        DB::table('shops')->update(['needs_second_factor' => true]);
        $this->get('/bench')->assertOk();
        DB::table('shops')->update(['needs_second_factor' => false]);
        $this->travel(121)->seconds();
        $this->get('/bench')->assertRedirect('/bench/names');
        $this->travelBack();

        foreach (['0000', '9999', '1234', '4712', '47110'] as $wrong) {
            $this->post('/bench/names', ['person' => $this->maker->id, 'code' => $wrong])->assertSessionHasErrors('code');
        }
        $this->post('/bench/names', ['person' => $this->maker->id, 'code' => '4711'])->assertSessionHasErrors('code');
        $this->assertStringContainsString('Too many tries', session('errors')->first('code'));
    }

    public function test_pressed_on_a_shared_tablet_it_is_sent_with_the_code_of_whose_name_it_stands_under(): void
    {
        $this->put('/account/bench-code', ['bench_code' => '4711']);
        $cookie = $this->actingAs($this->manager->refresh())->post('/bench/tablets', ['name' => 'tablet'])->getCookie('regimen-tablet');
        auth()->logout();
        session()->flush();
        $channel = $this->ready('neck.channel');
        $send = fn (string $code) => $this->postJson('/bench/names/presses', ['person' => $this->maker->id, 'code' => $code, 'presses' => [
            ['uuid' => '7d0c5a4e-6f0b-4a52-9f4c-3f1f0d3c8a01', 'kind' => 'note', 'at' => '2026-03-16T06:50:00Z', 'operation' => $channel->id, 'said' => ['text' => 'glue is nearly out']],
        ]]);
        $send('4711')->assertUnprocessable();
        $this->withCookie('regimen-tablet', (string) $cookie?->getValue());
        $this->withCredentials();
        $send('9999')->assertUnprocessable();
        $this->assertSame(0, BenchNote::query()->count());
        $send('4711')->assertOk()->assertJsonPath('results.0.done', true);
        $this->assertSame($this->maker->id, BenchNote::query()->sole()->person_id);
        $this->assertGuest();
    }
}
