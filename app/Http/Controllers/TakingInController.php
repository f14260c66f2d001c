<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Commission\TakeCommission;
use App\Actions\TakingIn\TakeIn;
use App\Http\Requests\TakingIn\OnTheBenchRequest;
use App\Http\Requests\TakingIn\TakingInRequest;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Specification\CommissionPage;
use App\Queries\TakingIn\TakingInPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** A shop that begins with eight instruments on the bench says how far each has come. */
final class TakingInController
{
    public function create(CommissionPage $page): Page
    {
        return $page->data(takesIn: true);
    }

    public function begin(OnTheBenchRequest $request, TakeCommission $takeCommission): RedirectResponse
    {
        $build = $takeCommission($request->person(), $request->commission());

        return redirect()->route('builds.taking-in', $build)
            ->with('done', "No. {$build->number} is there. Say how far it has come.");
    }

    public function show(Build $build, TakingInPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($build, $viewer);
    }

    public function store(TakingInRequest $request, Build $build, TakeIn $takeIn): RedirectResponse
    {
        $left = $takeIn($request->person(), $build, $request->known());

        return redirect()->route('builds.show', $build)->with(
            'done', trim("No. {$build->number} is taken in and planned with the others. {$left}"),
        );
    }
}
