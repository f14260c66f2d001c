<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\House\SignInRequest;
use App\Models\People\Person;
use App\Pages\Page;
use App\Pages\Shop\SignInProps;
use App\Support\DemoSignIns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController
{
    public function create(): Page|RedirectResponse
    {
        if (! Person::query()->exists()) {
            return redirect()->route('shop.new');
        }

        return new SignInProps(config('regimen.demo') === true ? DemoSignIns::all() : []);
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $request->signIn();

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
