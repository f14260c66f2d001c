<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Actions\Bench\Tablets;
use App\Http\Requests\House\ShopRequest;
use App\Http\Requests\House\SignInRequest;
use App\Models\Bench\BenchDevice;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Refused;
use App\Support\Tablet;

/** A name and its code, on a shared tablet. */
final class CodeRequest extends ShopRequest
{
    private const TRIES = 5;

    private const TRIES_ON_ONE_TABLET = 20;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $code = ['person' => ['required', 'integer'], 'code' => ['required', 'string', 'max:6']];

        return $this->routeIs('bench.names.presses') ? [...$code, ...PressesRequest::ofPresses()] : $code;
    }

    public function tablet(): BenchDevice
    {
        return Tablet::of($this) ?? throw Refused::because('This is no shared tablet any more. Sign in.', 'code');
    }

    /** Whose code it is. */
    public function known(Tablets $tablets, Audit $audit): Person
    {
        $tablet = $this->tablet();
        $id = $this->integer('person');
        $keys = ["bench.{$id}" => self::TRIES, "bench.tablet.{$tablet->id}" => self::TRIES_ON_ONE_TABLET];
        foreach ($keys as $key => $most) {
            SignInRequest::refuseWhileWaiting($key, $most, 'code');
        }
        $person = Person::query()->whereKey($id)->where('active', true)->first();
        if (! $tablets->knows($person, $this->string('code')->toString()) || $person === null) {
            foreach ($keys as $key => $most) {
                SignInRequest::hit($key, $most);
            }
            $audit->write('sign-in failed', 'Wrong bench code'.($person === null ? '' : " for {$person->name}")." on “{$tablet->name}”.", null);
            throw Refused::because('That code is wrong.', 'code');
        }
        SignInRequest::forgive("bench.{$id}");

        return $person;
    }
}
