<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Actions\House\GiveFeed;
use App\Models\House\Feed;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    public function test_an_empty_shop_asks_for_its_first_manager_and_only_once(): void
    {
        $this->get('/today')->assertRedirect('/new-shop');
        $form = [
            'shop' => 'Mine', 'currency' => 'USD', 'timezone' => 'America/Chicago', 'name' => 'Ada',
            'email' => 'Ada@Example.org', 'password' => 'long enough by far',
        ];
        $this->post(
            '/new-shop',
            [...$form, 'password' => 'short', 'currency' => 'XXX', 'timezone' => 'Mars'],
        )->assertSessionHasErrors(['password', 'currency', 'timezone']);
        $this->assertSame(0, Person::query()->count());
        $this->post('/new-shop', $form)->assertRedirect('/today');
        $this->get('/today')->assertOk();
        $this->post(
            '/new-shop', [...$form, 'name' => 'Eve', 'email' => 'eve@example.org'],
        )->assertSessionHasErrors('conflict');
        $this->assertSame(['Ada'], Person::query()->pluck('name')->all());
        $this->assertNotSame('long enough by far', Person::query()->value('password'));
    }

    public function test_signing_in_and_out(): void
    {
        $this->openShop();
        $this->get('/today')->assertRedirect('/sign-in');
        $this->post(
            '/sign-in', ['email' => 'INES@example.org', 'password' => 'a long password'],
        )->assertRedirect('/today');
        $this->get('/today')->assertOk();
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/today')->assertRedirect('/sign-in');
    }

    public function test_somebody_who_has_left_cannot_sign_in(): void
    {
        $this->openShop();
        $this->maker->update(['active' => false]);
        $this->post(
            '/sign-in', ['email' => 'tobias@example.org', 'password' => 'a long password'],
        )->assertSessionHasErrors('email');
    }

    public function test_five_wrong_passwords_are_enough(): void
    {
        $this->openShop();
        for ($try = 0; $try < 5; $try++) {
            $this->post(
                '/sign-in', ['email' => 'ines@example.org', 'password' => 'wrong'],
            )->assertSessionHasErrors(['email' => 'E-mail address or password is wrong.']);
        }
        $this->post(
            '/sign-in', ['email' => 'ines@example.org', 'password' => 'a long password'],
        )->assertSessionHasErrors('email');
        $this->assertGuest();
    }

    public function test_demo_sign_ins_are_offered_only_in_demo_mode(): void
    {
        $this->openShop();
        $this->get('/sign-in')->assertInertia(
            fn (AssertableInertia $page) => $page->component('shop/SignIn')->has('demo', 0),
        );
        config(['regimen.demo' => true]);
        $this->get('/sign-in')->assertInertia(fn (AssertableInertia $page) => $page->has('demo', 2));
    }

    #[TestWith(['get', '/commissions/new'])]
    #[TestWith(['post', '/commissions'])]
    #[TestWith(['post', '/commissions/forecast'])]
    #[TestWith(['get', '/people'])]
    #[TestWith(['get', '/house'])]
    #[TestWith(['put', '/house'])]
    #[TestWith(['post', '/house/closed-days'])]
    public function test_a_maker_may_not_do_what_only_the_manager_may(string $method, string $path): void
    {
        $this->openShop();
        $response = $this->actingAs($this->maker)->{$method}($path);
        $response->assertForbidden();
        $this->assertStringContainsString('Only the manager', (string) $response->getContent());
    }

    public function test_pages_that_are_not_there_have_a_page_of_their_own(): void
    {
        $this->openShop();
        $this->actingAs($this->manager);
        foreach (['/nothing', '/builds/999', '/builds/none'] as $path) {
            $this->get($path)
                ->assertNotFound()
                ->assertInertia(fn (AssertableInertia $page) => $page->component('shop/Error')->where('status', 404));
        }
        $this->post('/operations/999/clock')->assertNotFound();
        $this->post('/kit/999/arrival')->assertNotFound();
    }

    public function test_a_server_error_has_a_page_that_gives_nothing_away(): void
    {
        $this->openShop();
        $this->app->bind(
            \App\Queries\Today\TodayPage::class,
            static fn () => throw new \RuntimeException('the secret of the database'),
        );
        $response = $this->actingAs($this->manager)->get('/today')->assertStatus(500);
        $response->assertInertia(fn (AssertableInertia $page) => $page->component('shop/Error'));
        $this->assertStringNotContainsString('the secret', (string) $response->getContent());
    }

    public function test_every_answer_carries_the_strict_policy(): void
    {
        $this->openShop();
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("default-src 'self'", $policy);
        $this->assertStringNotContainsString('unsafe', $policy);
    }

    public function test_whoever_has_left_or_has_another_password_is_signed_out_everywhere_and_their_calendars_are_silent(): void
    {
        $this->openShop();
        foreach (['left' => ['active' => '0'], 'another password' => ['active' => '1', 'password' => 'quite another phrase']] as $why => $change) {
            $this->maker->update(['active' => true]);
            $this->maker->refresh();
            $token = str_repeat('a', 39).strlen($why) % 10;
            Feed::query()->create([
                'kind' => 'person', 'person_id' => $this->maker->id, 'token_hash' => GiveFeed::hash($token), 'token' => '', 'given_by' => $this->manager->id,
                'at' => now(),
            ]);
            $this->get("/feeds/{$token}.ics")->assertOk();
            $this->withSession(['sign_in_epoch' => $this->maker->sign_in_epoch])->actingAs($this->maker)->get('/today')->assertOk();
            $before = $this->maker->sign_in_epoch;
            $this->withSession(['sign_in_epoch' => 0])->actingAs($this->manager)->put("/people/{$this->maker->id}", [
                'version' => $this->maker->version, 'name' => 'Tobias', 'email' => 'tobias@example.org', 'role' => 'maker',
                'skills' => ['bodies', 'necks'], 'own_hours' => '0', ...$change,
            ])->assertSessionHasNoErrors();
            $this->withSession(['sign_in_epoch' => $before])->actingAs($this->maker->refresh())->get('/today')
                ->assertRedirect('/sign-in');
            $this->assertGuest();
            $this->get("/feeds/{$token}.ics")->assertNotFound();
        }
    }

    public function test_waits_grow_and_many_accounts_from_one_place_are_counted_together(): void
    {
        $this->openShop();
        $try = fn (string $email): string => (string) $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])
            ->baseResponse->getSession()->get('errors')->first('email');
        for ($count = 0; $count < 5; $count++) {
            $this->assertStringContainsString('is wrong', $try('ines@example.org'));
        }
        $this->assertStringContainsString('Too many tries', $try('ines@example.org'));
        $this->travel(61)->seconds();
        $this->assertStringContainsString('is wrong', $try('ines@example.org'));
        for ($count = 0; $count < 4; $count++) {
            $try('ines@example.org');
        }
        $this->travel(61)->seconds();
        $this->assertStringContainsString('Too many tries', $try('ines@example.org'), 'twice as long the second time');
        $this->travelBack();
        for ($count = 0; $count < 40; $count++) {
            $said = $try("somebody{$count}@example.org");
        }
        $this->assertStringContainsString('Too many tries', $said, 'guessing at many accounts');
    }

    #[TestWith(['short words', '12 characters'])]
    #[TestWith(['passwordpassword', 'tried first'])]
    #[TestWith(['Password2026!', 'tried first'])]
    #[TestWith(['Luthier123456', 'tried first'])]
    #[TestWith(['aaaaaaaaaaaaaaa', 'again and again'])]
    #[TestWith(['abcdefghijklmn', 'in a row'])]
    #[TestWith(['1234567890123', 'in a row'])]
    #[TestWith(['corner-bench-12', 'Names of the shop'])]
    #[TestWith(['Ada Lathe 2026', 'Names of the shop'])]
    public function test_a_password_that_is_tried_first_is_refused_with_what_would_be_right(string $password, string $words): void
    {
        $form = [
            'shop' => 'Corner bench', 'currency' => 'USD', 'timezone' => 'America/Chicago', 'name' => 'Ada Lathe', 'email' => 'lathe@example.org',
        ];
        $this->post('/new-shop', [...$form, 'password' => $password])->assertSessionHasErrors('password');
        $this->assertStringContainsString($words, session('errors')->first('password'));
        $this->assertSame(0, Person::query()->count());
    }

    public function test_words_of_the_shop_alone_make_no_password(): void
    {
        $this->openShop();
        $this->commission();
        $this->actingAs($this->maker);
        $try = fn (string $password) => $this->put('/account/password', ['current' => 'a long password', 'password' => $password]);
        foreach (['Fennimore-2026!', 'clara.tobias.99', 'TestShopInes88', 'fennimore guitars 7', 'tobias+clara+ines'] as $own) {
            $try($own)->assertSessionHasErrors('password');
        }
        $try('clara planes the spruce')->assertSessionHasNoErrors();
    }

    public function test_a_long_password_counts_to_its_last_character(): void
    {
        $this->openShop();
        $long = str_repeat('sawdust and glue ', 6);
        $this->maker->update(['password' => $long.'A']);
        $this->assertStringStartsWith('$argon2id$', (string) $this->maker->refresh()->password);
        $this->post('/sign-in', ['email' => 'tobias@example.org', 'password' => $long.'B'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'tobias@example.org', 'password' => $long.'A'])->assertRedirect('/today');
        auth()->logout();
        // One that was hashed as before still opens, and is hashed again.
        DB::table('people')->where('id', $this->maker->id)->update(['password' => password_hash('as it was before', PASSWORD_BCRYPT)]);
        $this->post('/sign-in', ['email' => 'tobias@example.org', 'password' => 'as it was before'])->assertRedirect('/today');
        $this->assertStringStartsWith('$argon2id$', (string) $this->maker->refresh()->password);
    }

    public function test_who_signed_in_to_another_shop_of_the_machine_is_nobody_here(): void
    {
        $this->openShop();
        $this->withSession(['signed_in_to' => hash('sha256', 'another/shop.sqlite')])->actingAs($this->manager)->get('/today')
            ->assertRedirect('/sign-in');
        $this->assertGuest();
    }
}
