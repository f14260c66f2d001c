<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Actions\Parts\SendWork;
use App\Http\Requests\AskRequest;
use App\Http\Requests\Parts\BackRequest;
use App\Http\Requests\Parts\ExpectRequest;
use App\Http\Requests\Parts\SendOutRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Build;
use App\Models\Parts\SentWork;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Parts\AwayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Work that is sent out. */
final class AwayController
{
    public function show(AskRequest $request, AwayPage $page): Page
    {
        $build = Build::query()->open()->where('number', $request->integer('build'))->first();

        return $page->data($request->person(), $build, mb_substr($request->string('operation')->toString(), 0, 80));
    }

    public function agree(SendOutRequest $request, SendWork $send): RedirectResponse
    {
        $send->agree($request->person(), $request->build(), $request->version(), $request->string('operation')->toString(), $request->also(), $request->supplier(), $request->said(), $request->cost());

        return redirect()->route('stores.away')->with('done', 'Agreed. Say here when it is sent, and when it is back.');
    }

    public function dispatch(SentWork $work, VersionRequest $request, SendWork $send, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $send->dispatch($viewer, $work->load(['build', 'supplier', 'kitLine']), $request->version());

        return back()->with('done', "{$work->what} is on its way to {$work->supplier->name}.");
    }

    public function expect(SentWork $work, ExpectRequest $request, SendWork $send): RedirectResponse
    {
        $send->expect($request->person(), $work->load(['build', 'supplier']), $request->version(), $request->string('expected_on')->toString());

        return back()->with('done', 'Written down.');
    }

    public function back(SentWork $work, BackRequest $request, SendWork $send): RedirectResponse
    {
        $send->back($request->person(), $work->load(['build', 'supplier', 'kitLine']), $request->version(), trim($request->string('checked')->toString()), $request->againBy(), $request->cost());

        return back()->with('done', $request->againBy() === null ? "{$work->what} is back." : "{$work->what} goes to {$work->supplier->name} again.");
    }

    public function callOff(SentWork $work, VersionRequest $request, SendWork $send, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $send->callOff($viewer, $work->load(['build', 'routeChange', 'kitLine']), $request->version());

        return back()->with('done', "{$work->what} is done here after all.");
    }
}
