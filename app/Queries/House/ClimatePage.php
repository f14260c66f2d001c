<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\ClimateReading;
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

    /** @return array<string, mixed> */
    public function data(): array
    {
        $shop = $this->house->shop();
        $since = $this->clock->now()->subWeeks(self::WEEKS);
        $now = $this->air->now();

        return [
            'readings' => ClimateReading::query()
                ->where('at', '>=', $since)
                ->orderBy('at')
                ->get()
                ->map(static fn (ClimateReading $one): array => [
                    'at' => $one->at->toIso8601ZuluString(), 'temperature' => $one->temperature_tenths / 10,
                    'humidity' => $one->humidity_tenths / 10, 'source' => $one->source,
                ])->all(),
            'since' => $since->toIso8601ZuluString(),
            'now' => $now === null ? null : [
                'at' => $now->at->toIso8601ZuluString(), 'temperature' => Say::figure($now->temperature_tenths / 10, 1),
                'humidity' => Say::figure($now->humidity_tenths / 10, 0), 'source' => $now->source,
            ],
            'forbids' => $this->air->forbidsSpraying(),
            'factor' => Say::figure($this->air->lately()->factor(), 2),
            'isStretched' => $this->air->lately()->factor() > 1.0,
            'limits' => ['coldest' => $shop->spray_coldest_tenths / 10, 'dampest' => $shop->spray_dampest_tenths / 10],
        ];
    }
}
