<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Support\Refused;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

final class SignInRequest extends ShopRequest
{
    private const TRIES = 5;

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
        $key = mb_strtolower($this->string('email')->toString()).'|'.$this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw Refused::because(
                'Too many tries. Wait '.RateLimiter::availableIn($key).' seconds and try again.',
                'email',
            );
        }
        $email = mb_strtolower($this->string('email')->trim()->toString());
        if (! Auth::attempt(
            ['email' => $email, 'password' => $this->string('password')->toString(), 'active' => true],
        )) {
            RateLimiter::hit($key);
            throw Refused::because('E-mail address or password is wrong.', 'email');
        }
        RateLimiter::clear($key);
        $this->session()->regenerate();
    }
}
