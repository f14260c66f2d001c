<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Account\EndSignIns;
use App\Models\People\Person;
use App\Support\Tablet;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Who has opened a shared tablet by a code may do what belongs to the bench, and is asked again after two minutes. */
final readonly class BenchOnly
{
    /** Names of what a code opens. */
    private const OPEN = [
        'bench', 'bench.*', 'gate', 'gate.readings', 'gate.decide', 'gate.close', 'readings.strike', 'operations.clock', 'clocks.stop',
        'operations.done', 'operations.wrong', 'operations.note', 'operations.ticks', 'operations.photographs', 'operations.instruction',
        'photographs.one', 'photographs.small', 'caliper', 'set-up', 'set-up.*', 'days',
    ];

    public function __construct(private EndSignIns $endSignIns)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        if (! $person instanceof Person || ! Tablet::isOpen($request->session())) {
            return $next($request);
        }
        if (Tablet::isOver($request->session())) {
            self::leave($request, $person, $this->endSignIns);

            return redirect()->route('bench.names', status: 303);
        }
        if (! $request->routeIs(...self::OPEN)) {
            return redirect()->route('bench', status: 303);
        }

        return $next($request);
    }

    public static function leave(Request $request, Person $person, EndSignIns $end): void
    {
        $end->signOut($person, SignInCounts::current($request));
        self::forget($request);
    }

    /** Nothing of whoever was signed in is left on the device. */
    public static function forget(Request $request): void
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }
}
