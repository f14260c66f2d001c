<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\People\Person;
use App\Models\Plan\PlanChange;
use App\Pages\Shop\Bench;
use App\Pages\Shop\ShopLine;
use App\Pages\Shop\ShopTime;
use App\Pages\Shop\Viewer;
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
            'clock' => fn (): ShopTime => new ShopTime(
                now: $this->clock->now()->toIso8601ZuluString(),
                fixed: $this->clock->isFixed(),
            ),
            'shop' => fn (): ?ShopLine => $person instanceof Person ? $this->shop() : null,
            'viewer' => fn (): ?Viewer => $person instanceof Person
                ? new Viewer(id: $person->id, name: $person->name, manager: $person->isManager())
                : null,
            'bench' => fn (): ?Bench => $person instanceof Person ? $this->bench->for($person) : null,
            'lastChange' => static fn (): int => $person instanceof Person ? (int) PlanChange::query()->max('id') : 0,
            'done' => fn (): ?string => $request->session()->get('done'),
        ];
    }

    private function shop(): ShopLine
    {
        $shop = $this->house->shop();

        return new ShopLine(name: $shop->name, currency: $shop->currency, timezone: $shop->timezone);
    }
}
