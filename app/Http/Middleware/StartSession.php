<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ErrorPage;
use App\Support\Trouble;
use Closure;
use ErrorException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * As the framework's, and not written again by a request that only asks. Where the disk has no room for it, a page comes all
 * the same; a sentence that was to stand on the next page becomes a page of its own.
 */
final class StartSession extends FrameworkSession
{
    private const UNSAVED = 'session not saved';

    /** @param  Request  $request */
    public function handle($request, Closure $next): Response
    {
        $response = parent::handle($request, $next);
        $trouble = $request->attributes->get(self::UNSAVED);

        return $trouble instanceof Trouble && $response instanceof RedirectResponse
            ? ErrorPage::page($trouble, $request)
            : $response;
    }

    protected function saveSession($request): void
    {
        if ($request->attributes->get(AsksOnly::MARK) === true) {
            return;
        }
        try {
            parent::saveSession($request);
        } catch (ErrorException $failed) {
            $request->attributes->set(self::UNSAVED, Trouble::of($failed) ?? throw $failed);
            report($failed);
        }
    }
}
