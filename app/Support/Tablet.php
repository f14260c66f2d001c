<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Bench\BenchDevice;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/** A tablet that several people share: it is known by a cookie, and whoever opens it with a code may do what the bench asks for. */
final class Tablet
{
    public const COOKIE = 'regimen-tablet';

    /** Seconds after which it goes back to the names. */
    public const IDLE = 120;

    private const SESSION = 'bench';

    private const FIVE_YEARS = 5 * 365 * 24 * 60;

    /** The tablet that asks, unless it was taken back. */
    public static function of(Request $request): ?BenchDevice
    {
        $token = $request->cookie(self::COOKIE);

        return ! is_string($token) || $token === '' ? null : BenchDevice::query()
            ->where('token_hash', hash('sha256', $token))->whereNull('revoked_at')->first();
    }

    /** @return string its hash, to be kept */
    public static function give(Request $request): string
    {
        $token = Str::random(40);
        Cookie::queue(Cookie::make(self::COOKIE, $token, self::FIVE_YEARS, secure: $request->isSecure(), httpOnly: true, sameSite: 'strict'));

        return hash('sha256', $token);
    }

    public static function open(Session $session, BenchDevice $device): void
    {
        $session->put(self::SESSION, ['device' => $device->id, 'at' => now()->getTimestamp()]);
    }

    /** Whether somebody works here by a code. */
    public static function isOpen(Session $session): bool
    {
        return is_array($session->get(self::SESSION));
    }

    /** Whether nobody has touched it for too long, or it was taken back; else it counts as touched. */
    public static function isOver(Session $session): bool
    {
        $open = $session->get(self::SESSION);
        if (! is_array($open)) {
            return false;
        }
        if (now()->getTimestamp() - (int) $open['at'] > self::IDLE || ! BenchDevice::query()->whereKey($open['device'])->whereNull('revoked_at')->exists()) {
            return true;
        }
        $session->put(self::SESSION, [...$open, 'at' => now()->getTimestamp()]);

        return false;
    }
}
