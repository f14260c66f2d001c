<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Commission\CallOff;
use App\Actions\Commission\MovePromise;
use App\Http\Requests\Plan\PromiseRequest;
use App\Http\Requests\Work\CallOffRequest;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Pages\Later;
use App\Pages\Page;
use App\Pages\Sheet\BuildSheetProps;
use App\Pages\Sheet\ReasonChain;
use App\Queries\Build\BuildSheet;
use App\Queries\Build\BuildsPage;
use App\Queries\Build\WhyNotSooner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response as InertiaResponse;
use Regimen\Schedule\Problem\Promise;

final class BuildController
{
    public function index(BuildsPage $page): Page
    {
        return $page->data();
    }

    public function show(Request $request, Build $build, BuildSheet $sheet, WhyNotSooner $why, #[CurrentUser] Person $viewer): Page|InertiaResponse
    {
        return Later::alone($request, BuildSheetProps::COMPONENT, 'chain', static fn (): ReasonChain => $why->of($build))
            ?? $sheet->data($build, $viewer);
    }

    public function promise(Build $build, PromiseRequest $request, MovePromise $movePromise): RedirectResponse
    {
        $movePromise(
            $request->person(), $build, $request->version(), $request->string('promised_on')->toString(),
            $request->enum('promise_kind', Promise::class), $request->string('because')->toString(),
        );

        return back()->with('done', 'The promise is moved, and everything is planned again.');
    }

    public function callOff(Build $build, CallOffRequest $request, CallOff $callOff): RedirectResponse
    {
        $callOff($request->person(), $build, $request->version(), $request->string('call_off_because')->toString());

        return back()->with('done', "{$build->name()} is called off. What was recorded of it stays here.");
    }
}
