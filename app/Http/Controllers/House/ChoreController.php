<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\Chores;
use App\Http\Requests\House\ChoreRequest;
use App\Http\Requests\VersionRequest;
use App\Models\House\Chore;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\House\ChoresPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The shop's own recurring work. */
final class ChoreController
{
    public function index(ChoresPage $page): Page
    {
        return $page->data();
    }

    public function store(ChoreRequest $request, Chores $chores): RedirectResponse
    {
        $chore = $chores->add($request->person(), $request->said());

        return back()->with('done', "“{$chore->name}” comes again, and is planned.");
    }

    public function done(Chore $chore, VersionRequest $request, Chores $chores, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $chores->done($viewer, $chore->load(['person', 'planned']), $request->version());

        return back()->with('done', "{$chore->name}: done.");
    }

    public function end(Chore $chore, VersionRequest $request, Chores $chores, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $chores->end($viewer, $chore->load('planned'), $request->version());

        return back()->with('done', "“{$chore->name}” does not come again.");
    }
}
