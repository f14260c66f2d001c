<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\EndSignIns;
use App\Actions\Account\GiveLink;
use App\Actions\Account\SecondFactor;
use App\Actions\Account\SetPassword;
use App\Http\Middleware\SignInCounts;
use App\Http\Requests\Account\PasswordRequest;
use App\Http\Requests\Account\SetUpRequest;
use App\Http\Requests\Account\TurnOffRequest;
use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Account\AccountPage;
use App\Queries\Account\AuditPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What somebody does about their own sign-in, and a manager about those of others. */
final class AccountController
{
    public function show(Request $request, AccountPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data(
            $viewer, SignInCounts::current($request), array_values(array_map(strval(...), (array) $request->session()->get('codes', []))),
        );
    }

    public function password(PasswordRequest $request, SetPassword $set): RedirectResponse
    {
        $set->own($request->person(), $request->string('current')->toString(), $request->string('password')->toString());
        // Whoever changes their own password stays signed in here, and nowhere else.
        SignInCounts::begin($request, $request->person()->refresh(), isGoingOn: true);

        return back()->with('done', 'The password is changed. Every other device is signed out.');
    }

    public function end(Request $request, EndSignIns $end, #[CurrentUser] Person $viewer, int $signIn): RedirectResponse
    {
        $end($viewer, $signIn, SignInCounts::current($request));

        return back()->with('done', 'That device is signed out.');
    }

    public function endAll(Request $request, EndSignIns $end, #[CurrentUser] Person $viewer): RedirectResponse
    {
        $end($viewer, null, SignInCounts::current($request));

        return back()->with('done', 'Every other device is signed out.');
    }

    public function setUp(SetUpRequest $request, SecondFactor $second): RedirectResponse
    {
        $codes = $second->setUp(
            $request->person(), $request->string('secret')->toString(), $request->string('code')->toString(),
        );

        return back()->with('done', 'From now on the phone’s code is asked for.')->with('codes', $codes);
    }

    public function turnOff(TurnOffRequest $request, SecondFactor $second): RedirectResponse
    {
        $second->turnOff($request->person(), $request->string('off_password')->toString());

        return back()->with('done', 'The second factor is turned off.');
    }

    public function audit(AuditPage $page): Page
    {
        return $page->data();
    }

    public function giveLink(Person $person, GiveLink $give, #[CurrentUser] Person $by): RedirectResponse
    {
        $link = route('password.link', $give($by, $person));

        return back()->with('done', "Sent to {$person->email}; it works once, within an hour. Or hand it over yourself: {$link}");
    }

    public function forgive(Person $person, SecondFactor $second, #[CurrentUser] Person $by): RedirectResponse
    {
        $second->forgive($by, $person);

        return back()->with('done', "{$person->name} signs in with the password alone until codes are set up again.");
    }

    public function requireSecond(Request $request, SecondFactor $second, #[CurrentUser] Person $by): RedirectResponse
    {
        $second->require($by, $request->boolean('needed'));

        return back()->with('done', 'Saved.');
    }
}
