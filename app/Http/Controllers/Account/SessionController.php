<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\EndSignIns;
use App\Actions\Account\SecondFactor;
use App\Actions\Account\SetPassword;
use App\Http\Middleware\BenchOnly;
use App\Http\Middleware\SignInCounts;
use App\Http\Requests\Account\LinkRequest;
use App\Http\Requests\Account\SecondRequest;
use App\Http\Requests\House\SignInRequest;
use App\Models\People\Person;
use App\Pages\Account\PasswordLinkProps;
use App\Pages\Account\SecondProps;
use App\Pages\Page;
use App\Pages\Shop\SignInProps;
use App\Support\Audit;
use App\Support\Clock;
use App\Support\DemoSignIns;
use App\Support\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;

final class SessionController
{
    private const DEVICE = 'regimen-device';

    private const WAITING = 'second';

    /** Seconds in which the second factor has to follow the password. */
    private const PATIENCE = 600;

    private const CODE_TRIES = 5;

    public function create(): Page|RedirectResponse
    {
        if (! Person::query()->exists()) {
            return redirect()->route('shop.new');
        }

        return new SignInProps(config('regimen.demo') === true ? DemoSignIns::all() : []);
    }

    public function store(SignInRequest $request, Audit $audit, SecondFactor $second): RedirectResponse
    {
        $person = $request->known($audit);
        $device = $request->cookie(self::DEVICE);
        if ($person->code_secret !== null && ! $second->isTrusted($person, is_string($device) ? $device : '')) {
            $request->session()->regenerate();
            $request->session()->put(self::WAITING, ['person' => $person->id, 'since' => time(), 'epoch' => $person->sign_in_epoch]);

            return redirect()->route('sign-in.second');
        }

        return $this->begin($request, $person);
    }

    public function second(Request $request): Page|RedirectResponse
    {
        return self::waiting($request) === null ? redirect()->route('sign-in') : new SecondProps;
    }

    public function storeSecond(SecondRequest $request, Audit $audit, SecondFactor $second): RedirectResponse
    {
        $person = self::waiting($request);
        if ($person === null) {
            return redirect()->route('sign-in')->withErrors(['conflict' => 'That took too long. Sign in again.']);
        }
        $key = "second.{$person->id}";
        SignInRequest::refuseWhileWaiting($key, self::CODE_TRIES, 'code');
        if (! $second->accepts($person, $request->string('code')->toString())) {
            SignInRequest::hit($key, self::CODE_TRIES);
            $audit->write('sign-in failed', "Wrong code of the second factor for {$person->name}.", null);
            throw Refused::because('This code is wrong, or was used already. Wait for the next one.', 'code');
        }
        SignInRequest::forgive($key);
        $request->session()->forget(self::WAITING);
        if ($request->boolean('trust')) {
            Cookie::queue(Cookie::make(self::DEVICE, $second->trust($person), 30 * 24 * 60, secure: $request->isSecure(), httpOnly: true, sameSite: 'strict'));
        }

        return $this->begin($request, $person);
    }

    private static function waiting(Request $request): ?Person
    {
        $waiting = $request->session()->get(self::WAITING);
        if (! is_array($waiting) || $waiting['since'] < time() - self::PATIENCE) {
            return null;
        }

        return Person::query()->whereKey($waiting['person'])->where('active', true)->where('sign_in_epoch', $waiting['epoch'])->first();
    }

    private function begin(Request $request, Person $person): RedirectResponse
    {
        SignInCounts::begin($request, $person);
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->to(self::first($request, $person));
    }

    /** Where they wanted to go; a maker on a small screen begins at the bench. */
    private static function first(Request $request, Person $person): string
    {
        $wanted = $request->session()->pull('url.intended');
        $wanted = is_string($wanted) ? $wanted : route('today');

        return ! $person->isManager() && $request->boolean('small') && in_array(parse_url($wanted, PHP_URL_PATH) ?: '/', ['/', '/today'], true)
            ? route('bench')
            : $wanted;
    }

    public function destroy(Request $request, EndSignIns $end): RedirectResponse
    {
        $person = $request->user();
        if ($person instanceof Person) {
            $end->signOut($person, SignInCounts::current($request));
        }
        BenchOnly::forget($request);

        return redirect()->route('sign-in');
    }

    public function link(string $token, Clock $clock): Page
    {
        return new PasswordLinkProps($token, SetPassword::link($token, $clock) !== null);
    }

    public function storeLink(string $token, LinkRequest $request, SetPassword $setPassword): RedirectResponse
    {
        $setPassword->byLink($token, $request->string('password')->toString());

        return redirect()->route('sign-in')->with('done', 'The new password is set. Sign in with it.');
    }
}
