<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\People\Person;
use App\Planning\House\House;
use App\Queries\Today\BenchStrip;
use App\Support\Clock;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page gets: the shop, the clock, who is signed in, and the bench strip. */
final class ShareShop extends Middleware
{
    protected $rootView = 'app';

    public function __construct(
        private readonly Clock $clock,
        private readonly House $house,
        private readonly BenchStrip $bench,
    ) {
    }

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $person = $request->user();

        return [
            ...parent::share($request),
            'clock' => fn (): array => [
                'now' => $this->clock->now()->toIso8601ZuluString(), 'fixed' => $this->clock->isFixed(),
            ],
            'shop' => fn (): ?array => $person instanceof Person
                ? $this->house->shop()->only(['name', 'currency', 'timezone'])
                : null,
            'viewer' => fn (): ?array => $person instanceof Person
                ? ['id' => $person->id, 'name' => $person->name, 'manager' => $person->isManager()]
                : null,
            'bench' => fn (): ?array => $person instanceof Person ? $this->bench->for($person) : null,
            'done' => fn (): ?string => $request->session()->get('done'),
        ];
    }
}
