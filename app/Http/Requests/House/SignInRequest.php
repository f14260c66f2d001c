<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Refused;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

final class SignInRequest extends ShopRequest
{
    private const TRIES = 5;

    private const TRIES_FROM_ONE_PLACE = 30;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:120'], 'password' => ['required', 'string', 'max:200'], 'small' => ['nullable', 'boolean']];
    }

    /** Whose address and password these are; it takes as long whether there is such an address or not. */
    public function known(Audit $audit): Person
    {
        $email = mb_strtolower($this->string('email')->trim()->toString());
        $keys = ["sign-in.{$email}" => self::TRIES, "sign-in.from.{$this->ip()}" => self::TRIES_FROM_ONE_PLACE];
        foreach (array_keys($keys) as $key) {
            self::refuseWhileWaiting($key, $keys[$key], 'email');
        }
        $credentials = ['email' => $email, 'password' => $this->string('password')->toString(), 'active' => true];
        if (! Auth::validate($credentials)) {
            foreach ($keys as $key => $most) {
                self::hit($key, $most);
            }
            $audit->write('sign-in failed', 'Wrong address or password for '.mb_substr($email, 0, 120).'.', null);
            throw Refused::because('E-mail address or password is wrong.', 'email');
        }
        // Only the account's own tries are forgiven: who guesses at many may have one of their own.
        self::forgive("sign-in.{$email}");
        $person = Auth::getLastAttempted();
        assert($person instanceof Person);
        Auth::getProvider()->rehashPasswordIfRequired($person, $credentials);

        return $person;
    }

    public static function refuseWhileWaiting(string $key, int $most, string $field): void
    {
        if (RateLimiter::tooManyAttempts($key, $most)) {
            throw Refused::because(
                'Too many tries. Wait '.RateLimiter::availableIn($key).' seconds and try again.', $field,
            );
        }
    }

    public static function forgive(string $key): void
    {
        RateLimiter::clear($key);
        RateLimiter::clear("{$key}.times");
    }

    /** After the last try it waits: a minute, then twice as long each time that the tries were used up, an hour at the most. */
    public static function hit(string $key, int $most): void
    {
        $times = RateLimiter::attempts("{$key}.times");
        if (RateLimiter::attempts($key) + 1 >= $most) {
            RateLimiter::hit("{$key}.times", 86_400);
        }
        RateLimiter::hit($key, min(3_600, 60 * 2 ** min($times, 6)));
    }
}
