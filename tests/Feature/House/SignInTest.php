<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\People\Person;
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
            'email' => 'Ada@Example.org', 'password' => 'long enough',
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
        $this->assertNotSame('long enough', Person::query()->value('password'));
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
}
