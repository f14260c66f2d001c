<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** What a page sends carries a word that is taken once: a button that was pressed twice does its thing once. */
final class Once
{
    private const WORD = '/^[0-9a-f-]{36}$/';

    private const MINUTES = 10;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $word = (string) $request->header('X-Once');
        $isSent = ! $request->isMethodSafe() && preg_match(self::WORD, $word) === 1;
        if ($isSent && ! Cache::add("once.{$word}", true, now()->addMinutes(self::MINUTES))) {
            return back(303)->with('done', 'That was sent twice. It is done once.');
        }

        return $next($request);
    }
}
