<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\PlanNotMade;
use App\Pages\Shop\ErrorProps;
use App\Support\Trouble;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Pages of our own for what is not there, not allowed or gone wrong. */
final class ErrorPage
{
    private const SENTENCES = [
        403 => ['Only the manager may open this', 'Ask the manager, or sign in as one.'],
        404 => ['There is nothing here', 'The address is wrong, or what stood here has gone. Nothing was changed.'],
        405 => ['That does not work this way', 'Go back and use the buttons of the page. Nothing was changed.'],
        429 => ['Too many tries', 'Wait a minute and try again.'],
        500 => [
            'Something broke in the application',
            'What you did was not saved, and nothing is half done. The error is in the log; try again.',
        ],
        503 => ['Back in a moment', 'The application is being looked after.'],
    ];

    public static function instead(Response $response, Throwable $error, Request $request): Response
    {
        $trouble = Trouble::of($error);
        if ($trouble !== null && ! $error instanceof PlanNotMade) {
            return self::troubled($trouble, $request);
        }
        $status = $response->getStatusCode();
        if ($status === 419) {
            return self::expired();
        }
        if (
            ! isset(self::SENTENCES[$status])
            || $request->expectsJson()
            && ! $request->hasHeader('X-Inertia')
            || (config('app.debug') === true && $status === 500)
        ) {
            return $response;
        }
        [$headline, $under] = self::SENTENCES[$status];

        return (new ErrorProps($status, $headline, $under))
            ->toResponse($request)
            ->setStatusCode($status);
    }

    /**
     * The shop's file could not be written. The sentence stands where it was asked for, so that what was typed stays.
     */
    private static function troubled(Trouble $trouble, Request $request): Response
    {
        if ($request->expectsJson() && ! $request->hasHeader('X-Inertia')) {
            return response()->json(['message' => $trouble->words()], Response::HTTP_SERVICE_UNAVAILABLE);
        }
        if (! $request->isMethodSafe()) {
            return back()->withErrors(['conflict' => $trouble->words()]);
        }

        return self::page($trouble, $request);
    }

    /** Where not even a sentence could be kept for the page that comes next. */
    public static function page(Trouble $trouble, Request $request): Response
    {
        return (new ErrorProps(Response::HTTP_SERVICE_UNAVAILABLE, $trouble->headline(), $trouble->words()))
            ->toResponse($request)
            ->setStatusCode(Response::HTTP_SERVICE_UNAVAILABLE);
    }

    private static function expired(): RedirectResponse
    {
        return back()->withErrors(['conflict' => 'The page had been open too long. Nothing was saved; do it again.']);
    }
}
