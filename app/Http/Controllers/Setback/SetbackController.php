<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setback;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\MakeChange;
use App\Actions\Setback\DecideSetback;
use App\Actions\Setback\TellSetback;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\Setback\LaterRequest;
use App\Http\Requests\Setback\RemedyRequest;
use App\Http\Requests\Setback\SayRequest;
use App\Http\Requests\Setback\TellRequest;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Pages\Page;
use App\Queries\Setback\SetbackPage;
use App\Queries\Setback\SetbacksPage;
use App\Queries\Setback\TriedRemedy;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** When something goes wrong: told, tried, decided. */
final class SetbackController
{
    private const WRITTEN = 'Written down; it stands on Today until it is decided.';

    public function index(SetbacksPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function show(Setback $setback, SetbackPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($setback, $viewer);
    }

    /** At the bench: at what one works on, unless another is chosen, or none. */
    public function tellAt(Operation $operation, TellRequest $request, TellSetback $tell): RedirectResponse
    {
        $tell($request->person(), $operation->build, $request->has('operation') ? $request->operation() : $operation, $request->told(), $request->picture());

        return back()->with('done', self::WRITTEN);
    }

    /** On a build's sheet, at an operation or at none: on to what can be done. */
    public function tell(Build $build, TellRequest $request, TellSetback $tell): RedirectResponse
    {
        $setback = $tell($request->person(), $build, $request->operation(), $request->told(), $request->picture());

        return redirect()->route('setbacks.one', $setback)->with('done', self::WRITTEN);
    }

    public function try(Setback $setback, RemedyRequest $request, TriedRemedy $tried): JsonResponse
    {
        return response()->json($tried->of($setback, $request->asked()));
    }

    public function decide(Setback $setback, RemedyRequest $request, DecideSetback $decide): RedirectResponse
    {
        return back()->with('done', $decide($request->person(), $setback, $request->version(), $request->asked()));
    }

    public function withdraw(Setback $setback, BecauseRequest $request, DecideSetback $decide): RedirectResponse
    {
        $decide->withdraw($request->person(), $setback, $request->version(), trim($request->string('because')->toString()));

        return back()->with('done', 'Settled.');
    }

    public function say(Setback $setback, SayRequest $request, DecideSetback $decide): RedirectResponse
    {
        $decide->say($request->person(), $setback, $request->version(), $request->piece(), $request->cause());

        return back()->with('done', 'Written down.');
    }

    /** The build stands until then: the same change as on the plan. */
    public function later(Setback $setback, LaterRequest $request, MakeChange $makeChange, Changes $changes): RedirectResponse
    {
        return redirect()->route('today')->with('done', $makeChange->make($request->person(), [$changes->of([
            'kind' => 'hold', 'build' => $setback->build->number, 'until' => $request->string('until')->toString(), 'because' => mb_substr($setback->text, 0, 120),
        ])]));
    }
}
