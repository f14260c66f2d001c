<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\People\Person;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever has left the shop, or was given another password, is signed out everywhere at once; and who signed in to the demo has
 * not signed in to another shop of the same machine.
 */
final class SignInCounts
{
    private const KEY = 'sign_in_epoch';

    private const SHOP = 'signed_in_to';

    public static function begin(Request $request, Person $person): void
    {
        $request->session()->put([self::KEY => $person->sign_in_epoch ?? 0, self::SHOP => self::shop()]);
    }

    private static function shop(): string
    {
        return hash('sha256', (string) config('database.connections.sqlite.database'));
    }

    private static function counts(Request $request, Person $person): bool
    {
        return $person->active !== false
            && (int) $request->session()->get(self::KEY, 0) === (int) $person->sign_in_epoch
            && $request->session()->get(self::SHOP, self::shop()) === self::shop();
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        if ($person instanceof Person && ! self::counts($request, $person)) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();

            return redirect()->route('sign-in', status: 303);
        }

        return $next($request);
    }
}
