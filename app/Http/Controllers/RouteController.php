<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Route\ChangeRoute;
use App\Actions\Route\KeepPattern;
use App\Documents\TravellerPdf;
use App\Http\Requests\Route\MethodRequest;
use App\Http\Requests\Route\PatternRequest;
use App\Http\Requests\Route\RouteChangeRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Build\RouteChange;
use App\Models\House\RoutePattern;
use App\Models\People\Person;
use App\Pages\Later;
use App\Pages\Page;
use App\Pages\Route\RouteProps;
use App\Queries\Plan\TriedChange;
use App\Queries\Route\ComparePage;
use App\Queries\Route\RoutePage;
use App\Queries\Route\RouteQuestions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as FileResponse;
use Inertia\Response as InertiaResponse;

/** The route of a build: looked at, changed, compared, printed. */
final class RouteController
{
    public function show(
        Request $request,
        Build $build,
        RoutePage $page,
        RouteQuestions $questions,
        #[CurrentUser] Person $viewer,
    ): Page|InertiaResponse {
        return Later::alone($request, RouteProps::COMPONENT, 'prices', static fn (): array => $questions->prices($build))
            ?? $page->data($build, $viewer);
    }

    public function try(Build $build, RouteChangeRequest $request, TriedChange $tried): JsonResponse
    {
        return response()->json($tried->of($build, $request->change($build)));
    }

    public function change(Build $build, RouteChangeRequest $request, ChangeRoute $changeRoute): RedirectResponse
    {
        $changeRoute->make(
            $request->person(), $build, $request->version(), $request->change($build),
            trim($request->string('reason')->toString()),
        );

        return back()->with('done', 'The route is changed, and everything is planned again.');
    }

    public function undo(
        Build $build,
        RouteChange $change,
        VersionRequest $request,
        ChangeRoute $changeRoute,
    ): RedirectResponse {
        $changeRoute->undo($request->person(), $build, $request->version(), $change);

        return back()->with('done', 'Undone.');
    }

    public function method(Build $build, MethodRequest $request, ChangeRoute $changeRoute): RedirectResponse
    {
        $changeRoute->choose($request->person(), $build, $request->version(), $request->answers());

        return back()->with('done', 'This build is made that way, and everything is planned again.');
    }

    public function reset(Build $build, VersionRequest $request, ChangeRoute $changeRoute): RedirectResponse
    {
        $changeRoute->reset($request->person(), $build, $request->version());

        return back()->with('done', 'The route is what is derived again.');
    }

    public function rederive(Build $build, VersionRequest $request, ChangeRoute $changeRoute): RedirectResponse
    {
        $changeRoute->rederive($request->person(), $build, $request->version());

        return back()->with('done', 'Derived again, with the house standards as they stand today.');
    }

    public function keepPattern(Build $build, PatternRequest $request, KeepPattern $patterns): RedirectResponse
    {
        $pattern = $patterns->keep($request->person(), $build, trim($request->string('name')->toString()));

        return back()->with('done', "Saved as the house pattern “{$pattern->name}”.");
    }

    public function usePattern(
        Build $build,
        RoutePattern $pattern,
        VersionRequest $request,
        KeepPattern $patterns,
    ): RedirectResponse {
        $left = $patterns->use($request->person(), $build, $request->version(), $pattern);

        return back()->with(
            'done',
            "The route follows “{$pattern->name}”.".(
                $left === [] ? '' : ' What this instrument has no place for was left out: '.implode(' ', $left)
            ),
        );
    }

    public function dropPattern(
        RoutePattern $pattern,
        KeepPattern $patterns,
        #[CurrentUser] Person $by,
    ): RedirectResponse {
        $patterns->drop($by, $pattern);

        return back()->with('done', 'The pattern is deleted. Builds that follow it keep their routes.');
    }

    public function compare(Build $build, Request $request, ComparePage $page): Page
    {
        return $page->data($build, $request->query());
    }

    public function traveller(Build $build, string $paper, Request $request, TravellerPdf $traveller): FileResponse
    {
        return Sheet::of(
            $traveller->of($build, Sheet::paper($paper), $request->root()."/builds/{$build->number}"),
            "{$build->number}-traveller-{$paper}",
        );
    }
}
