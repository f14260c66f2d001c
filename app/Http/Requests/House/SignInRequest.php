<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Http\Middleware\SignInCounts;
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
        return ['email' => ['required', 'string', 'max:120'], 'password' => ['required', 'string', 'max:200']];
    }

    public function signIn(): void
    {
        $email = mb_strtolower($this->string('email')->trim()->toString());
        $keys = ["sign-in.{$email}" => self::TRIES, "sign-in.from.{$this->ip()}" => self::TRIES_FROM_ONE_PLACE];
        foreach ($keys as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw Refused::because(
                    'Too many tries. Wait '.RateLimiter::availableIn($key).' seconds and try again.',
                    'email',
                );
            }
        }
        if (! Auth::attempt(
            ['email' => $email, 'password' => $this->string('password')->toString(), 'active' => true],
        )) {
            foreach ($keys as $key => $most) {
                RateLimiter::hit($key, self::waits($key, $most));
            }
            throw Refused::because('E-mail address or password is wrong.', 'email');
        }
        // Only the account's own tries are forgiven: who guesses at many may have one of their own.
        RateLimiter::clear("sign-in.{$email}");
        RateLimiter::clear("sign-in.{$email}.times");
        $this->session()->regenerate();
        SignInCounts::begin($this, $this->person());
    }

    /** Seconds until it can be tried again: a minute, then twice as long each time that the tries were used up, an hour at the most. */
    private static function waits(string $key, int $most): int
    {
        $times = RateLimiter::attempts("{$key}.times");
        if (RateLimiter::attempts($key) + 1 >= $most) {
            RateLimiter::hit("{$key}.times", 86_400);
        }

        return min(3_600, 60 * 2 ** min($times, 6));
    }
}
