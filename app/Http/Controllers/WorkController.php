<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EndHold;
use App\Actions\EnterHours;
use App\Actions\FinishLabour;
use App\Actions\Reopen;
use App\Actions\StartClock;
use App\Actions\StopClock;
use App\Actions\StrikeHours;
use App\Actions\WaitFor;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\EndHoldRequest;
use App\Http\Requests\HoursRequest;
use App\Http\Requests\ReopenRequest;
use App\Http\Requests\StopClockRequest;
use App\Http\Requests\VersionRequest;
use App\Http\Requests\WaitRequest;
use App\Models\Operation;
use App\Models\Person;
use App\Models\TimeEntry;
use App\Support\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** What happens at the bench. */
final class WorkController
{
    public function startClock(Operation $operation, StartClock $startClock, #[CurrentUser] Person $person): RedirectResponse
    {
        $startClock($person, $operation);

        return back()->with('done', "Your clock runs on {$operation->name}.");
    }

    public function stopClock(int $entry, StopClockRequest $request, StopClock $stopClock): RedirectResponse
    {
        $stopClock($request->person(), $entry, $request->really());

        return back()->with('done', 'Clock stopped, hours recorded.');
    }

    public function enterHours(Operation $operation, HoursRequest $request, EnterHours $enterHours): RedirectResponse
    {
        $enterHours($request->person(), $operation, $request->worker(), $request->string('worked_on')->toString(), $request->duration('hours'));

        return back()->with('done', "{$request->duration('hours')} recorded on {$operation->name}.");
    }

    public function strikeHours(TimeEntry $entry, BecauseRequest $request, StrikeHours $strikeHours): RedirectResponse
    {
        $strikeHours($request->person(), $entry, $request->string('because')->toString());

        return back()->with('done', Say::duration((int) $entry->minutes).' struck out.');
    }

    public function finish(Operation $operation, VersionRequest $request, FinishLabour $finishLabour): RedirectResponse
    {
        $finishLabour($request->person(), $operation, $request->version());

        return back()->with('done', $operation->hold_minutes > 0 ? "Done; {$operation->name} holds now." : "Done: {$operation->name}.");
    }

    public function endHold(Operation $operation, EndHoldRequest $request, EndHold $endHold): RedirectResponse
    {
        $endHold($request->person(), $operation, $request->version(), trim($request->string('because')->toString()));

        return back()->with('done', "The hold of {$operation->name} is over.");
    }

    public function reopen(Operation $operation, ReopenRequest $request, Reopen $reopen): RedirectResponse
    {
        $reopen($request->person(), $operation, $request->version(), $request->string('because')->toString());

        return back()->with('done', "{$operation->name} is open again.");
    }

    public function wait(Operation $operation, WaitRequest $request, WaitFor $waitFor): RedirectResponse
    {
        $waitFor($request->person(), $operation, $request->version(), trim($request->string('what')->toString()), $request->filled('until') ? $request->string('until')->toString() : null);

        return back()->with('done', $request->filled('until') ? 'Noted, and planned accordingly.' : 'Decided, and planned accordingly.');
    }
}
