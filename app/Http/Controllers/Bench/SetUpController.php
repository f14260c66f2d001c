<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\SetUpLoop;
use App\Http\Requests\Bench\FretsRequest;
use App\Http\Requests\Bench\SetUpRequest;
use App\Models\Bench\SetUpReading;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Bench\SetUpPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The set-up loop. */
final class SetUpController
{
    public function show(Build $build, SetUpPage $page): Page
    {
        return $page->data($build);
    }

    public function read(Build $build, SetUpRequest $request, SetUpLoop $loop): RedirectResponse
    {
        $loop->read(
            $request->person(), $build, $request->step(), $request->values(), $request->boolean('settled'), trim($request->string('did')->toString()), $request->boolean('sure'),
        );

        return back()->with('done', 'Written down.');
    }

    public function frets(Build $build, FretsRequest $request, SetUpLoop $loop): RedirectResponse
    {
        $loop->frets($request->person(), $build, $request->heights());

        return back()->with('done', 'Written down.');
    }

    public function undo(Build $build, SetUpReading $reading, SetUpLoop $loop, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $loop->undo($viewer, $build, $reading);

        return back()->with('done', 'Taken back; what was read before counts again.');
    }

    public function toGate(Operation $operation, Request $request, SetUpLoop $loop, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $loop->toGate($viewer, $operation, $request->boolean('settled'));

        return redirect()->route('gate', $operation)->with('done', 'Taken over from the set-up.');
    }
}
