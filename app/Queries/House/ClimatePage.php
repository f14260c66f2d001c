<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\ClimateReading;
use App\Pages\House\AirLimits;
use App\Pages\House\AirRead;
use App\Pages\House\ClimateProps;
use App\Pages\House\Reading;
use App\Planning\House\House;
use App\Planning\Problem\Air;
use App\Support\Clock;
use App\Support\Say;

/** The air of the shop through the last weeks, and what it means for holds and spraying. */
final readonly class ClimatePage
{
    private const WEEKS = 6;

    public function __construct(private Air $air, private House $house, private Clock $clock)
    {
    }

    public function data(): ClimateProps
    {
        $shop = $this->house->shop();
        $since = $this->clock->now()->subWeeks(self::WEEKS);
        $now = $this->air->now();

        return new ClimateProps(
            readings: array_values(ClimateReading::query()
                ->where('at', '>=', $since)
                ->orderBy('at')
                ->get()
                ->map(static fn (ClimateReading $one): Reading => new Reading(
                    at: $one->at->toIso8601ZuluString(),
                    temperature: $one->temperature_tenths / 10,
                    humidity: $one->humidity_tenths / 10,
                    source: $one->source,
                ))->all()),
            since: $since->toIso8601ZuluString(),
            now: $now === null ? null : new AirRead(
                at: $now->at->toIso8601ZuluString(),
                temperature: Say::figure($now->temperature_tenths / 10, 1),
                humidity: Say::figure($now->humidity_tenths / 10, 0),
                source: $now->source,
            ),
            forbids: $this->air->forbidsSpraying(),
            factor: Say::figure($this->air->lately()->factor(), 2),
            isStretched: $this->air->lately()->factor() > 1.0,
            limits: new AirLimits(coldest: $shop->spray_coldest_tenths / 10, dampest: $shop->spray_dampest_tenths / 10),
        );
    }
}
