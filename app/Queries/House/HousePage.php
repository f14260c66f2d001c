<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\Resource;
use App\Models\People\ClosedDay;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;

final readonly class HousePage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $shop = $this->house->shop();
        $today = $this->clock->today($this->house->zone());

        return [
            'settings' => [
                ...$shop->only(['name', 'currency', 'timezone', 'version']),
                'labour_rate' => $this->house->rate()->plain(),
                'overhead_percent' => Say::figure($shop->overhead_permille / 10, 1),
                'margin_percent' => Say::figure($shop->margin_permille / 10, 1),
                'deposit_percent' => Say::figure($shop->deposit_permille / 10, 1),
                'risk_days' => (string) $shop->risk_days,
                'hours' => PeoplePage::week($shop->hours),
            ],
            'closedDays' => ClosedDay::query()
                ->where('date', '>=', $today)
                ->orderBy('date')
                ->get()
                ->map(static fn (ClosedDay $day): array => $day->only(['id', 'date', 'note']))
                ->all(),
            'resources' => Resource::query()
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Resource $resource): array => $resource->only(
                        ['id', 'kind', 'name', 'capacity', 'version'],
                    ),
                )
                ->all(),
            'today' => $today,
        ];
    }
}
