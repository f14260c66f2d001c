<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Serving\NetworkNames;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The shop answers to its own names only: the one that is set as REGIMEN_ADDRESS, this machine's own, and on the shop's network its numbers
 * there. What another site
 * claims in a referer is not gone back to. Over https the session's cookie is sent over nothing else.
 */
final class OwnAddress
{
    private const THIS_MACHINE = ['127.0.0.1', 'localhost', '[::1]'];

    /** Seconds for which a browser remembers that there is https: half a year. */
    private const REMEMBERED = 15_768_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $own = (string) parse_url((string) config('regimen.address'), PHP_URL_HOST);
        $host = strtolower($request->getHost());
        $isOwn = $host === strtolower($own) || in_array($host, self::THIS_MACHINE, true) || config('regimen.lan') && NetworkNames::isOwn($host);
        if (! $isOwn) {
            return new Response('This shop is at another address.', 421, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $referer = (string) $request->headers->get('referer');
        if ($referer !== '' && parse_url($referer, PHP_URL_HOST) !== parse_url($request->getSchemeAndHttpHost(), PHP_URL_HOST)) {
            $request->headers->remove('referer');
        }
        config(['session.secure' => $request->isSecure()]);
        $response = $next($request);
        header_remove('X-Powered-By');
        if ($request->isSecure() && self::isPublic($host)) {
            $response->headers->set('Strict-Transport-Security', 'max-age='.self::REMEMBERED);
        }

        return $response;
    }

    /** A name that everybody can look up, rather than a number or a name of the shop's own network. */
    private static function isPublic(string $host): bool
    {
        return preg_match('/^[a-z0-9.-]+\.[a-z]{2,}$/', $host) === 1
            && preg_match('/\.(local|lan|home|internal|intranet|localdomain|test|invalid|arpa)$/', $host) !== 1;
    }
}
