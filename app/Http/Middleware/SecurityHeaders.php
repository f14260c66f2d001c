<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\SearchTime;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything comes from the shop's own address; nothing is framed, nothing is guessed. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self'; form-action "
        ."'self'; frame-ancestors 'none'";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        // An address that is a secret is told to nobody.
        $response->headers->has('Referrer-Policy') || $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('X-Frame-Options', 'DENY');
        config('regimen.timings') && $response->headers->set('Server-Timing', SearchTime::header());

        return $response;
    }
}
