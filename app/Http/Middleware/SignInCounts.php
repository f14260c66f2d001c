<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Account\BeginSignIn;
use App\Models\Account\SignIn;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\LastSeen;
use App\Support\Tablet;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever has left the shop, was given another password, or was signed out from another device, is signed out at once; and who
 * signed in to the demo has not signed in to another shop of the same machine.
 */
final readonly class SignInCounts
{
    private const KEY = 'sign_in_epoch';

    private const SHOP = 'signed_in_to';

    private const SIGN_IN = 'sign_in';

    /** What is open to somebody who has yet to set up the second factor that the shop asks for. */
    private const BEFORE_SECOND_FACTOR = ['account', 'account/*', 'sign-out'];

    public function __construct(private House $house, private LastSeen $lastSeen)
    {
    }

    /** @param  bool  $isGoingOn  whether they were signed in here before, and only their password is another */
    public static function begin(Request $request, Person $person, bool $isGoingOn = false): void
    {
        $signIn = app(BeginSignIn::class)($person, self::device($request), (string) $request->ip(), $isGoingOn);
        $request->session()->put([
            self::KEY => $person->sign_in_epoch ?? 0, self::SHOP => self::shop(), self::SIGN_IN => $signIn->id,
        ]);
    }

    /** The number of the sign-in of this session; 0 if it has none. */
    public static function current(Request $request): int
    {
        return (int) $request->session()->get(self::SIGN_IN, 0);
    }

    /** What kind of device it is, with the system that it says of itself. */
    private static function device(Request $request): string
    {
        $agent = mb_scrub((string) $request->userAgent(), 'UTF-8');
        $kind = match (true) {
            $agent === '' => 'unknown device',
            stripos($agent, 'tablet') !== false => 'tablet',
            stripos($agent, 'mobi') !== false => 'phone',
            default => 'computer',
        };

        return preg_match('/\(([^()]{1,60})/', $agent, $system) === 1 ? "{$kind}, {$system[1]}" : $kind;
    }

    private static function shop(): string
    {
        return hash('sha256', (string) config('database.connections.sqlite.database'));
    }

    private static function counts(Request $request, Person $person): bool
    {
        $signIn = self::current($request);

        return $person->active !== false
            && (int) $request->session()->get(self::KEY, 0) === (int) $person->sign_in_epoch
            && $request->session()->get(self::SHOP, self::shop()) === self::shop()
            && ($signIn === 0 || SignIn::query()->whereKey($signIn)->whereNull('ended_at')->exists());
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        if ($person instanceof Person) {
            if (! self::counts($request, $person)) {
                Auth::logout();
                $request->session()->invalidate();
                $request->session()->regenerateToken();

                return redirect()->route('sign-in', status: 303);
            }
            // A code at a shared tablet opens the bench alone: there is nothing behind it for a second factor.
            if ($person->code_secret === null && ! Tablet::isOpen($request->session()) && ! $request->is(...self::BEFORE_SECOND_FACTOR) && $this->house->shop()->needs_second_factor) {
                return redirect()->route('account', status: 303)->withErrors([
                    'conflict' => 'The shop asks everybody for a second factor. Set it up here to go on.',
                ]);
            }
            $signIn = self::current($request);
            $signIn > 0 && $this->lastSeen->note((string) $signIn);
        }

        return $next($request);
    }
}
