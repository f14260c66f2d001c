<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Actions\Account\SecondFactor;
use App\Models\Account\AuditEntry;
use App\Models\Account\SignIn;
use App\Models\Account\TrustedDevice;
use App\Models\House\Shop;
use App\Models\People\Person;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\SignIn\TimeCode;
use Tests\TestCase;

/** Passwords, devices, links and the second factor, as people use them and as somebody else would try to. */
final class AccountTest extends TestCase
{
    private const PASSWORD = 'a long password';

    private const ANOTHER = 'planes in the rain';

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
    }

    /** @param  array<string, string>  $cookies */
    private function signIn(string $password = self::PASSWORD, string $email = 'ines@example.org', array $cookies = []): \Illuminate\Testing\TestResponse
    {
        $this->flushSession();
        auth()->forgetGuards();

        return $this->withCookies($cookies)->post('/sign-in', ['email' => $email, 'password' => $password]);
    }

    public function test_somebody_changes_their_own_password_and_every_other_device_is_signed_out(): void
    {
        $this->signIn()->assertRedirect('/today');
        $elsewhere = SignIn::query()->sole();
        $this->signIn()->assertRedirect('/today');
        $this->put('/account/password', ['current' => 'wrong one here', 'password' => self::ANOTHER])->assertSessionHasErrors('current');
        $this->put('/account/password', ['current' => self::PASSWORD, 'password' => 'short'])->assertSessionHasErrors('password');
        $this->put('/account/password', ['current' => self::PASSWORD, 'password' => self::ANOTHER])->assertSessionHasNoErrors();
        $this->get('/account')->assertOk();
        $this->assertNotNull($elsewhere->refresh()->ended_at);
        $this->assertSame(1, SignIn::query()->whereNull('ended_at')->count());
        $this->signIn(self::PASSWORD)->assertSessionHasErrors('email');
        $this->signIn(self::ANOTHER)->assertRedirect('/today');
    }

    public function test_devices_are_listed_and_ended_one_by_one_or_all_others(): void
    {
        $this->signIn();
        $this->withHeader('User-Agent', 'Browser/5.0 (X11; Linux x86_64) Engine/130.0')->signIn();
        $this->get('/account')->assertInertia(static fn (AssertableInertia $page) => $page
            ->has('signIns', 2)->where('signIns.0.isThis', true)->where('signIns.0.device', 'computer, X11; Linux x86_64')
            ->where('signIns.1.isThis', false));
        [$first, $second] = SignIn::query()->orderBy('id')->get()->all();
        $this->delete("/account/sign-ins/{$first->id}")->assertSessionHasNoErrors();
        $this->assertNotNull($first->refresh()->ended_at);
        $this->get('/account')->assertOk();
        $this->delete('/account/sign-ins')->assertSessionHasNoErrors();
        $this->get('/account')->assertOk();
        // Ended from elsewhere, it is over with the next request.
        $second->update(['ended_at' => '2026-03-18 08:00:00']);
        $this->get('/today')->assertRedirect('/sign-in');
    }

    public function test_nobody_ends_the_sign_ins_of_another(): void
    {
        $this->signIn();
        $other = SignIn::query()->sole();
        $this->signIn(email: 'tobias@example.org');
        $this->delete("/account/sign-ins/{$other->id}");
        $this->assertNull($other->refresh()->ended_at);
    }

    public function test_a_forgotten_password_is_set_by_a_link_that_works_once_within_an_hour(): void
    {
        Mail::fake();
        $this->actingAs($this->manager)->post("/people/{$this->maker->id}/password-link")->assertSessionHasNoErrors();
        $link = (string) preg_replace('/^.*: /', '', (string) session('done'));
        $this->assertMatchesRegularExpression('~/new-password/[A-Za-z0-9]{40}$~', $link);
        $this->assertStringNotContainsString(basename($link), json_encode(DB::table('password_links')->get(), JSON_THROW_ON_ERROR));
        auth()->logout();
        $this->flushSession();
        $this->get($link)->assertInertia(static fn (AssertableInertia $page) => $page->where('works', true));
        $this->post($link, ['password' => 'short'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => self::ANOTHER])->assertRedirect('/sign-in');
        $this->assertTrue(Hash::check(self::ANOTHER, (string) $this->maker->refresh()->password));
        $this->get($link)->assertInertia(static fn (AssertableInertia $page) => $page->where('works', false));
        $this->post($link, ['password' => 'another one again'])->assertSessionHasErrors('password');
        $this->assertTrue(Hash::check(self::ANOTHER, (string) $this->maker->refresh()->password));
    }

    #[TestWith(['late'])]
    #[TestWith(['newer'])]
    #[TestWith(['left'])]
    #[TestWith(['guessed'])]
    public function test_a_link_that_counts_no_longer_sets_nothing(string $why): void
    {
        Mail::fake();
        $give = fn () => $this->actingAs($this->manager)->post("/people/{$this->maker->id}/password-link");
        $give();
        $link = (string) preg_replace('/^.*: /', '', (string) session('done'));
        match ($why) {
            'late' => DB::table('password_links')->update(['until' => '2026-03-18 08:00:00']),
            'newer' => $give(),
            'left' => $this->maker->update(['active' => false]),
            default => $link = substr($link, 0, -3).'xyz',
        };
        $this->post($link, ['password' => self::ANOTHER])->assertSessionHasErrors('password');
        $this->assertTrue(Hash::check(self::PASSWORD, (string) $this->maker->refresh()->password));
    }

    /** @return array{string, list<string>} the secret and the recovery codes */
    private function setUpCodes(): array
    {
        $secret = TimeCode::secret();
        $codes = app(SecondFactor::class)->setUp($this->manager, $secret, $this->code($secret));

        return [$secret, $codes];
    }

    private function code(string $secret, int $later = 0): string
    {
        return TimeCode::at(TimeCode::read($secret), strtotime('2026-03-18T08:12:00Z') + $later);
    }

    public function test_with_a_second_factor_the_password_alone_opens_nothing(): void
    {
        $this->signIn();
        $secret = (string) $this->get('/account')->viewData('page')['props']['secret'];
        $this->post('/account/second-factor', ['secret' => $secret, 'code' => '000000'])->assertSessionHasErrors('code');
        $this->post('/account/second-factor', ['secret' => $secret, 'code' => $this->code($secret)])->assertSessionHasNoErrors();
        $shown = $this->get('/account')->viewData('page')['props'];
        $this->assertCount(8, $shown['codes']);
        $this->assertSame('', $shown['secret']);
        $this->assertSame([], $this->get('/account')->viewData('page')['props']['codes'], 'shown once');
        $this->assertStringNotContainsString($secret, json_encode(DB::table('people')->get(), JSON_THROW_ON_ERROR));

        $this->signIn()->assertRedirect('/sign-in/second');
        $this->get('/today')->assertRedirect('/sign-in');
        $this->get('/sign-in/second')->assertInertia(static fn (AssertableInertia $page) => $page->component('account/Second'));
        $this->post('/sign-in/second', ['code' => $this->code($secret)])->assertSessionHasErrors('code');
        $this->assertGuest();
        $this->post('/sign-in/second', ['code' => $this->code($secret, 30)])->assertRedirect('/today');
        $this->get('/today')->assertOk();
    }

    public function test_a_recovery_code_counts_once(): void
    {
        [, $codes] = $this->setUpCodes();
        foreach ([[$codes[0], true], [$codes[0], false], [strtoupper($codes[1]), true]] as [$code, $opens]) {
            $this->signIn();
            $answer = $this->post('/sign-in/second', ['code' => $code]);
            $opens ? $answer->assertRedirect('/today') : $answer->assertSessionHasErrors('code');
        }
        $this->assertStringContainsString('6 are left', (string) AuditEntry::query()->where('kind', 'second factor')->latest('id')->value('words'));
    }

    public function test_codes_are_not_guessed(): void
    {
        [$secret] = $this->setUpCodes();
        $this->signIn();
        for ($try = 0; $try < 5; $try++) {
            $this->post('/sign-in/second', ['code' => '123456'])->assertSessionHasErrors('code');
        }
        $this->post('/sign-in/second', ['code' => $this->code($secret, 30)])->assertSessionHasErrors('code');
        $this->assertStringContainsString('Too many tries', session('errors')->first('code'));
        $this->assertGuest();
        $this->flushSession();
        $this->post('/sign-in/second', ['code' => $this->code($secret, 30)])->assertRedirect('/sign-in');
    }

    public function test_a_trusted_device_is_not_asked_for_thirty_days(): void
    {
        [$secret] = $this->setUpCodes();
        $this->signIn();
        $answer = $this->post('/sign-in/second', ['code' => $this->code($secret, 30), 'trust' => true])->assertRedirect('/today');
        $token = (string) $answer->getCookie('regimen-device')?->getValue();
        $this->assertSame('2026-04-17', TrustedDevice::query()->sole()->until->toDateString());
        $this->signIn(cookies: ['regimen-device' => $token])->assertRedirect('/today');
        $this->signIn(cookies: ['regimen-device' => 'x'.substr($token, 1)])->assertRedirect('/sign-in/second');
        TrustedDevice::query()->update(['until' => '2026-03-18 08:00:00']);
        $this->signIn(cookies: ['regimen-device' => $token])->assertRedirect('/sign-in/second');
    }

    public function test_a_shop_asks_everybody_for_it_and_a_lost_phone_is_forgiven(): void
    {
        $this->actingAs($this->manager)->put('/house/second-factor', ['needed' => true])->assertSessionHasNoErrors();
        $this->get('/today')->assertRedirect('/account');
        $this->get('/account')->assertOk();
        [$secret] = $this->setUpCodes();
        $this->actingAs($this->manager->refresh())->get('/today')->assertOk();
        $this->delete('/account/second-factor', ['off_password' => self::PASSWORD])->assertSessionHasErrors('off_password');
        Shop::query()->update(['needs_second_factor' => false]);
        $this->delete('/account/second-factor', ['off_password' => 'no'])->assertSessionHasErrors('off_password');
        $this->delete('/account/second-factor', ['off_password' => self::PASSWORD])->assertSessionHasNoErrors();
        $this->assertNull($this->manager->refresh()->code_secret);
        app(SecondFactor::class)->setUp($this->maker, $secret, $this->code($secret));
        $this->delete("/people/{$this->maker->id}/second-factor")->assertSessionHasNoErrors();
        $this->assertNull($this->maker->refresh()->code_secret);
    }

    public function test_restored_on_another_machine_only_recovery_codes_open(): void
    {
        [$secret, $codes] = $this->setUpCodes();
        DB::table('people')->where('id', $this->manager->id)->update(['code_secret' => 'sealed with another key']);
        $this->signIn();
        $this->post('/sign-in/second', ['code' => $this->code($secret, 30)])->assertSessionHasErrors('code');
        $this->post('/sign-in/second', ['code' => $codes[3]])->assertRedirect('/today');
    }

    public function test_what_happens_about_sign_ins_and_rights_stands_in_a_log_that_nobody_changes(): void
    {
        $this->signIn('wrong password', 'eve@example.org');
        $this->signIn();
        $this->put("/people/{$this->maker->id}", [
            'version' => $this->maker->version, 'name' => 'Tobias', 'email' => 'tobias@example.org', 'role' => 'manager', 'skills' => $this->maker->skills,
            'active' => true, 'own_hours' => false,
        ])->assertSessionHasNoErrors();
        $this->post('/sign-out');
        $this->assertSame(
            [
                ['sign-in failed', 'Wrong address or password for eve@example.org.'], ['sign-in', 'Ines signed in.'],
                ['rights', 'Tobias: manager, works here, signs in as tobias@example.org.'], ['sign-out', 'Ines signed out.'],
            ],
            AuditEntry::query()->orderBy('id')->get(['kind', 'words'])->map(static fn (AuditEntry $one): array => [$one->kind, $one->words])->all(),
        );
        $this->actingAs($this->manager)->get('/house/audit')->assertInertia(static fn (AssertableInertia $page) => $page->has('entries', 4));
        $this->actingAs(Person::query()->create(['name' => 'Sela', 'role' => 'maker', 'skills' => [], 'email' => 's@example.org', 'password' => self::ANOTHER, 'active' => true]))
            ->get('/house/audit')->assertForbidden();
        foreach (["UPDATE audit_entries SET words = 'nothing'", 'DELETE FROM audit_entries'] as $statement) {
            try {
                DB::statement($statement);
                $this->fail("{$statement} went through");
            } catch (QueryException $refused) {
                $this->assertStringContainsString('only added to', $refused->getMessage());
            }
        }
        $this->assertSame(4, AuditEntry::query()->count());
    }
}
