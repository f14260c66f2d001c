<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession as FrameworkSession;

/** As the framework's, and not written again by a request that only asks. */
final class StartSession extends FrameworkSession
{
    protected function saveSession($request): void
    {
        if ($request->attributes->get(AsksOnly::MARK) !== true) {
            parent::saveSession($request);
        }
    }
}
