<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Account\EndSignIns;
use App\Actions\Bench\Tablets;
use App\Http\Middleware\BenchOnly;
use App\Http\Middleware\SignInCounts;
use App\Http\Requests\Bench\CodeRequest;
use App\Http\Requests\Bench\SetCodeRequest;
use App\Http\Requests\Bench\TabletRequest;
use App\Models\Bench\BenchDevice;
use App\Models\People\Person;
use App\Pages\Bench\BenchName;
use App\Pages\Bench\NamesProps;
use App\Pages\Page;
use App\Support\Audit;
use App\Support\Tablet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** A tablet that several people share: their names, and a code each. */
final class TabletController
{
    public function give(TabletRequest $request, Tablets $tablets): RedirectResponse
    {
        $tablets->give($request->person(), trim($request->string('name')->toString()), Tablet::give($request), SignInCounts::current($request));
        BenchOnly::forget($request);

        return redirect()->route('bench.names');
    }

    public function revoke(BenchDevice $device, Tablets $tablets, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $tablets->revoke($viewer, $device);

        return back()->with('done', "“{$device->name}” is no shared tablet any more.");
    }

    public function names(Request $request): Page|RedirectResponse
    {
        if (Tablet::of($request) === null) {
            return redirect()->route('sign-in');
        }

        return new NamesProps(array_values(
            Person::query()->where('active', true)->whereNotNull('bench_code')->orderBy('name')->get(['id', 'name'])
                ->map(static fn (Person $one): BenchName => new BenchName(id: $one->id, name: $one->name))->all(),
        ));
    }

    public function open(CodeRequest $request, Tablets $tablets, Audit $audit): RedirectResponse
    {
        $person = $request->known($tablets, $audit);
        $tablet = $request->tablet();
        SignInCounts::begin($request, $person);
        Auth::login($person);
        $request->session()->regenerate();
        Tablet::open($request->session(), $tablet);

        return redirect()->route('bench');
    }

    public function leave(Request $request, EndSignIns $end, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $isTablet = Tablet::isOpen($request->session());
        BenchOnly::leave($request, $viewer, $end);

        return redirect()->route($isTablet ? 'bench.names' : 'sign-in');
    }

    public function code(SetCodeRequest $request, Tablets $tablets): RedirectResponse
    {
        $tablets->setCode($request->person(), $request->person(), $request->string('bench_code')->toString());

        return back()->with('done', $request->filled('bench_code') ? 'Your code opens the shared tablet.' : 'You have no code any more.');
    }

    public function codeOf(Person $person, SetCodeRequest $request, Tablets $tablets): RedirectResponse
    {
        $tablets->setCode($request->person(), $person, $request->string('bench_code')->toString());

        return back()->with('done', $request->filled('bench_code') ? "{$person->name} has a bench code." : "{$person->name} has no bench code any more.");
    }
}
