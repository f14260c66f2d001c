<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\AccountForDay;
use App\Actions\Bench\DoneHere;
use App\Actions\Bench\GoAway;
use App\Actions\Bench\TakeItGently;
use App\Actions\Bench\TickOff;
use App\Actions\Bench\WriteNote;
use App\Http\Requests\Bench\AwayRequest;
use App\Http\Requests\Bench\DayLineRequest;
use App\Http\Requests\Bench\GentleRequest;
use App\Http\Requests\Bench\NoteRequest;
use App\Http\Requests\Bench\TickRequest;
use App\Http\Requests\VersionRequest;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Bench\BenchPage;
use App\Queries\Bench\MyDay;
use App\Queries\Build\OpenBuilds;
use App\Queries\Today\Headline;
use App\Support\Tablet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;

/** One’s own work, beside it: what is under the hand, and what comes back from it. */
final class BenchController
{
    public function show(Request $request, BenchPage $page, #[CurrentUser] Person $viewer): Page
    {
        $wanted = filter_var($request->query('operation'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 999_999_999]]);

        return $page->data($viewer, $wanted === false ? null : $wanted, self::time($request->query('time')), Tablet::isOpen($request->session()));
    }

    /** What cannot be read is not looked for. */
    private static function time(mixed $typed): ?Duration
    {
        try {
            $time = is_string($typed) && $typed !== '' ? Duration::parse(ctype_digit(trim($typed)) ? trim($typed).' min' : $typed) : null;

            return $time === null || $time->minutes === 0 ? null : $time;
        } catch (InvalidQuantity) {
            return null;
        }
    }

    public function away(AwayRequest $request, GoAway $goAway): RedirectResponse
    {
        $goAway($request->person(), $request->reason(), trim($request->string('note')->toString()), $request->really());

        return back()->with('done', 'Your clock stands still; the time belongs to the day until you start again.');
    }

    public function done(Operation $operation, VersionRequest $request, DoneHere $done): RedirectResponse
    {
        if (! $done($request->person(), $operation, $request->version())) {
            return redirect()->route('gate', $operation);
        }
        // At the bench what comes next is shown; on a build's sheet one stays there.
        $next = parse_url(url()->previous(), PHP_URL_PATH) === '/bench' ? redirect()->route('bench') : back();

        return $next->with('done', $operation->hold_minutes > 0 ? "Done; {$operation->name} holds now." : "Done: {$operation->name}.");
    }

    public function note(Operation $operation, NoteRequest $request, WriteNote $write): RedirectResponse
    {
        $write($request->person(), $operation, $request->text());

        return back()->with('done', 'Noted in the logbook.');
    }

    public function tick(Operation $operation, TickRequest $request, TickOff $tick): RedirectResponse
    {
        $tick($request->person(), $operation, $request->string('list')->toString(), $request->string('item')->toString(), $request->boolean('ticked'));

        return back();
    }

    public function day(DayLineRequest $request, AccountForDay $account): RedirectResponse
    {
        $account($request->person(), $request->string('day')->toString(), trim($request->string('line')->toString()));

        return back()->with('done', $request->filled('line') ? 'The day is whole.' : 'Left open; you are not asked again.');
    }

    public function gentle(GentleRequest $request, TakeItGently $gently, OpenBuilds $builds): RedirectResponse
    {
        $gently($request->person(), $request->boolean('gentle'));
        $promises = Headline::about($builds->outlooks());

        return back()->with('done', ($request->boolean('gentle') ? 'A gentle day: the plan follows. ' : 'Everything again; the plan follows. ')."{$promises}.");
    }

    public function seen(MyDay $myDay, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $myDay->see($viewer);

        return back();
    }
}
