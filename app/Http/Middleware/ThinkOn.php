<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Jobs\ForecastShop;
use App\Jobs\LookForBetterPlan;
use App\Models\Plan\Plan;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * After a change the request answers with the repaired plan; a better one is looked for in the queue, where there is
 * one.
 */
final readonly class ThinkOn
{
    /** Seconds in which more may be changed before it begins to look. */
    private const WAITS = 20;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethod('GET') || config('queue.default') === 'sync') {
            return $next($request);
        }
        $before = (int) Plan::query()->max('id');
        $response = $next($request);
        if ((int) Plan::query()->max('id') > $before) {
            LookForBetterPlan::dispatch()->delay(self::WAITS);
            ForecastShop::dispatch()->delay(self::WAITS);
        }

        return $response;
    }
}
