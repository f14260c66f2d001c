<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\Resource;
use App\Models\People\ClosedDay;
use App\Pages\House\HouseProps;
use App\Pages\House\ResourceLine;
use App\Pages\House\Settings;
use App\Pages\Plan\ClosedDayLine;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;

final readonly class HousePage
{
    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): HouseProps
    {
        $shop = $this->house->shop();
        $today = $this->clock->today($this->house->zone());

        return new HouseProps(
            settings: new Settings(
                name: $shop->name,
                currency: $shop->currency,
                timezone: $shop->timezone,
                version: $shop->version,
                labour_rate: $this->house->rate()->plain(),
                overhead_percent: Say::figure($shop->overhead_permille / 10, 1),
                margin_percent: Say::figure($shop->margin_permille / 10, 1),
                deposit_percent: Say::figure($shop->deposit_permille / 10, 1),
                risk_days: (string) $shop->risk_days,
                promise_chance: (string) intdiv($shop->promise_chance, 10),
                papers_years: (string) $shop->papers_years, tax_percent: (string) ($shop->tax_permille / 10), quote_days: (string) $shop->quote_days, quotes_hold: $shop->quotes_hold ? '1' : '0', quote_words: $shop->quote_words,
                hours: PeoplePage::week($shop->hours),
            ),
            closedDays: array_values(ClosedDay::query()
                ->where('date', '>=', $today)
                ->orderBy('date')
                ->get()
                ->map(static fn (ClosedDay $day): ClosedDayLine => new ClosedDayLine(
                    id: $day->id, date: $day->date, note: $day->note,
                ))
                ->all()),
            resources: array_values(Resource::query()
                ->orderBy('id')
                ->get()
                ->map(static fn (Resource $one): ResourceLine => new ResourceLine(
                    id: $one->id, kind: $one->kind, name: $one->name, capacity: $one->capacity,
                    version: $one->version, ownHours: $one->hours !== null, hours: PeoplePage::week($one->hours ?? []),
                    everySecondFrom: $one->every_second_from,
                ))
                ->all()),
        );
    }
}
