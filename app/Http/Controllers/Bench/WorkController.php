<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Commission\Reopen;
use App\Actions\Work\EndHold;
use App\Actions\Work\EnterHours;
use App\Actions\Work\FinishLabour;
use App\Actions\Work\StartClock;
use App\Actions\Work\StopClock;
use App\Actions\Work\StrikeHours;
use App\Actions\Work\WaitFor;
use App\Http\Requests\BecauseRequest;
use App\Http\Requests\VersionRequest;
use App\Http\Requests\Work\EndHoldRequest;
use App\Http\Requests\Work\HoursRequest;
use App\Http\Requests\Work\ReopenRequest;
use App\Http\Requests\Work\StartClockRequest;
use App\Http\Requests\Work\StopClockRequest;
use App\Http\Requests\Work\WaitRequest;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Support\Say;
use Illuminate\Http\RedirectResponse;

/** What happens at the bench. */
final class WorkController
{
    public function startClock(
        Operation $operation,
        StartClockRequest $request,
        StartClock $startClock,
    ): RedirectResponse {
        $startClock($request->person(), $operation, $request->seen());

        return back()->with('done', "Your clock runs on {$operation->name}.");
    }

    public function stopClock(int $entry, StopClockRequest $request, StopClock $stopClock): RedirectResponse
    {
        $stopClock($request->person(), $entry, $request->really());

        return back()->with('done', 'Clock stopped, hours recorded.');
    }

    public function enterHours(Operation $operation, HoursRequest $request, EnterHours $enterHours): RedirectResponse
    {
        $enterHours(
            $request->person(), $operation, $request->worker(), $request->string('worked_on')->toString(),
            $request->duration('hours'), $request->boolean('sure'), $request->seen(),
        );

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

        return back()->with(
            'done',
            $operation->hold_minutes > 0 ? "Done; {$operation->name} holds now." : "Done: {$operation->name}.",
        );
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
        $waitFor(
            $request->person(),
            $operation,
            $request->version(),
            trim($request->string('what')->toString()),
            $request->filled('until') ? $request->string('until')->toString() : null,
        );

        return back()->with(
            'done',
            $request->filled('until') ? 'Noted, and planned accordingly.' : 'Decided, and planned accordingly.',
        );
    }
}
