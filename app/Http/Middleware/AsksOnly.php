<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page asks beside what is being done on it: it leaves the session as it is. Otherwise it would take away the sentence
 * that waits there for the page that comes next.
 */
final readonly class AsksOnly
{
    public const MARK = 'asks only';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set(self::MARK, true);

        return $next($request);
    }
}
