<?php

declare(strict_types=1);

use App\Actions\PlanNotMade;
use App\Http\ErrorPage;
use App\Http\Middleware\Once;
use App\Http\Middleware\OwnAddress;
use App\Http\Middleware\ReadableText;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\ShareShop;
use App\Http\Middleware\SignInCounts;
use App\Http\Middleware\StartSession;
use App\Models\People\Person;
use App\Support\Tablet;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use Regimen\Costing\UnknownPrice;
use Regimen\Route\Standards\UnknownStandard;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(SecurityHeaders::class);
        $middleware->append(OwnAddress::class);
        // What is not theirs and what is not there look alike: who may is asked before what there is.
        $middleware->priority([
            EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class, ShareErrorsFromSession::class,
            AuthenticatesRequests::class, ThrottleRequests::class, SignInCounts::class, Authorize::class, SubstituteBindings::class,
        ]);
        $middleware->web(append: [ReadableText::class, SignInCounts::class, Once::class, ShareShop::class], replace: [FrameworkSession::class => StartSession::class]);
        // A shop without anybody in it asks for its first manager before anything else.
        $middleware->redirectGuestsTo(static fn (Request $request): string => match (true) {
            Tablet::of($request) !== null => '/bench/names',
            Person::query()->exists() => '/sign-in',
            default => '/new-shop',
        });
        $middleware->redirectUsersTo('/today');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What the house has taken off its lists is said where it is missed, not as a failure.
        $exceptions->dontReport([UnknownPrice::class, UnknownStandard::class]);
        $exceptions->render(static fn (UnknownPrice|UnknownStandard $missing, Request $request) => $request->isMethod('GET')
            ? null
            : back()->withErrors(['conflict' => $missing->getMessage()]));
        $exceptions->render(static fn (PlanNotMade $failed) => back()->withErrors(['conflict' => $failed->getMessage()]));
        $exceptions->respond(ErrorPage::instead(...));
    })->create();
