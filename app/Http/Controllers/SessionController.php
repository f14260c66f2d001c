<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\House\SignInRequest;
use App\Models\People\Person;
use App\Support\DemoSignIns;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

final class SessionController
{
    public function create(): Response|RedirectResponse
    {
        if (! Person::query()->exists()) {
            return redirect()->route('shop.new');
        }

        return Inertia::render('shop/SignIn', ['demo' => config('regimen.demo') === true ? DemoSignIns::all() : []]);
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
