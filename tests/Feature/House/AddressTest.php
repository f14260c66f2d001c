<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Actions\House\GiveFeed;
use App\Models\House\Feed;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Names, proxies and cookies: what the network says is believed only where it is the shop's own. */
final class AddressTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
    }

    protected function tearDown(): void
    {
        TrustProxies::flushState();
        parent::tearDown();
    }

    #[TestWith(['http://evil.example/today', 421])]
    #[TestWith(['http://127.0.0.1:8085/sign-in', 200])]
    #[TestWith(['http://localhost/sign-in', 200])]
    #[TestWith(['http://bench.example.org/sign-in', 200])]
    #[TestWith(['http://bench.example.org.evil.example/sign-in', 421])]
    public function test_only_the_shops_own_names_are_answered(string $address, int $status): void
    {
        config(['regimen.address' => 'https://bench.example.org']);
        $this->get($address)->assertStatus($status)->assertHeaderMissing('X-Powered-By');
    }

    public function test_a_foreign_referer_is_not_gone_back_to(): void
    {
        $this->actingAs($this->manager);
        foreach (['https://evil.example/trap', 'http://localhost.evil.example/', 'javascript:alert(1)'] as $referer) {
            $location = (string) $this->withHeader('referer', $referer)->post('/house/closed-days', ['date' => ''])->headers->get('Location');
            $this->assertStringNotContainsString('evil', $location);
            $this->assertStringStartsWith('http://127.0.0.1:8080', $location);
        }
    }

    public function test_what_a_proxy_says_is_believed_only_of_one_that_is_named(): void
    {
        $forged = ['X-Forwarded-Host' => 'evil.example', 'X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '8.8.8.8'];
        $answer = $this->get('/today', $forged);
        $answer->assertRedirect('http://127.0.0.1:8080/sign-in');
        $this->assertFalse($answer->getCookie('regimen-session', false)?->isSecure());
        $answer->assertHeaderMissing('Strict-Transport-Security');

        config(['regimen.address' => 'https://bench.example.org']);
        TrustProxies::at(['127.0.0.1']);
        $behind = ['X-Forwarded-Host' => 'bench.example.org', 'X-Forwarded-Proto' => 'https', 'X-Forwarded-Port' => '443', 'X-Forwarded-For' => '10.0.0.7'];
        $answer = $this->get('/today', $behind);
        $answer->assertRedirect('https://bench.example.org/sign-in')->assertHeader('Strict-Transport-Security', 'max-age=15768000');
        $cookie = $answer->getCookie('regimen-session', false);
        $this->assertSame([true, true, 'strict'], [$cookie?->isSecure(), $cookie?->isHttpOnly(), $cookie?->getSameSite()]);
        $this->get('/today', ['X-Forwarded-Host' => 'evil.example'] + $behind)->assertStatus(421);
    }

    #[TestWith(['https://192.168.1.20/sign-in', 'https://192.168.1.20'])]
    #[TestWith(['https://bench.lan/sign-in', 'https://bench.lan'])]
    #[TestWith(['https://localhost/sign-in', null])]
    public function test_in_the_shops_own_network_nothing_is_remembered_of_https(string $page, ?string $address): void
    {
        config(['regimen.address' => $address]);
        $answer = $this->get($page)->assertOk()->assertHeaderMissing('Strict-Transport-Security');
        $this->assertTrue($answer->getCookie('regimen-session', false)?->isSecure());
    }

    public function test_a_feed_makes_no_session_and_a_revoked_one_looks_like_none(): void
    {
        $this->actingAs($this->manager)->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id]);
        $token = str_repeat('a', 40);
        Feed::query()->update(['token_hash' => GiveFeed::hash($token)]);
        auth()->logout();
        $this->flushSession();
        $answer = $this->get("/feeds/{$token}.ics")->assertOk();
        $this->assertSame([], $answer->headers->getCookies());
        $missing = $this->get('/feeds/'.str_repeat('b', 40).'.ics');
        Feed::query()->update(['revoked_at' => '2026-03-18 08:00:00']);
        $revoked = $this->get("/feeds/{$token}.ics");
        $this->assertSame([404, 404], [$missing->getStatusCode(), $revoked->getStatusCode()]);
        $this->assertSame(str_replace(str_repeat('b', 40), $token, (string) $missing->getContent()), $revoked->getContent());
    }

    /** For a maker every address of the manager's answers alike, whether what it names is there or not. */
    public function test_what_is_forbidden_and_what_is_missing_answer_alike(): void
    {
        $this->build();
        $this->actingAs($this->maker);
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! in_array('can:manage', $route->gatherMiddleware(), true) || $route->parameterNames() === []) {
                continue;
            }
            $method = $route->methods()[0];
            $statuses = [];
            foreach (['1', '999'] as $id) {
                $uri = '/'.(string) preg_replace(['/\{(number|paper|file)\??\}/', '/\{[^}]+\}/'], ['1', $id], $route->uri());
                $statuses[] = $this->call($method, $uri)->getStatusCode();
            }
            $this->assertSame([403, 403], $statuses, "{$method} {$route->uri()}");
        }
    }

    /** Every amount of money of the shop holds the figures 7777, and nothing that a maker is answered does. */
    public function test_a_maker_sees_no_money_anywhere(): void
    {
        $build = $this->build();
        DB::table('shops')->update(['labour_rate_minor' => 777_700, 'overhead_permille' => 777]);
        DB::table('prices')->update(['cost_minor' => 777_700]);
        DB::table('kit_lines')->update(['cost_minor' => 777_700]);
        DB::table('people')->update(['rate_minor' => 777_700]);
        DB::table('builds')->update(['price_minor' => 777_700]);
        $pages = ['/parts-a4.pdf', "/builds/{$build->number}/traveller-a4.pdf", '/plan/week-a4.pdf', "/builds/{$build->number}/specification/1/sheet-a4.pdf"];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('GET', $route->methods(), true) && ! in_array('can:manage', $route->gatherMiddleware(), true)) {
                $uri = str_replace(['{build}', '{operation}', '/{number?}'], ['1', '1', ''], $route->uri());
                if (! str_contains($uri, '{')) {
                    $pages[] = "/{$uri}";
                }
            }
        }
        $find = fn (string $page): bool => preg_match('/7[ ,.]?777/', (string) $this->readable($page)) === 1;
        $this->actingAs($this->manager);
        $this->assertTrue($find("/builds/{$build->number}"), 'the manager does see it');
        $this->actingAs($this->maker);
        foreach ($pages as $page) {
            $this->assertFalse($find($page), $page);
        }
    }

    private function readable(string $page): string
    {
        $answer = $this->get($page);
        $text = (string) $answer->getContent();
        if (! str_starts_with($text, '%PDF')) {
            return $text;
        }
        $file = tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents((string) $file, $text);
        $read = (string) shell_exec('pdftotext '.escapeshellarg((string) $file).' -');
        unlink((string) $file);

        return $read;
    }
}
