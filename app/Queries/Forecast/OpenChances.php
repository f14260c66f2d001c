<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Models\Forecast\BuildForecast;
use App\Models\Forecast\Forecast;
use App\Pages\Build\ChanceShown;
use App\Support\Say;

/** What was worked out last of all open builds; read once for each request. */
final class OpenChances
{
    /** @var array<int, BuildForecast>|null by build */
    private ?array $all = null;

    public function of(int $build): ?BuildForecast
    {
        return $this->all()[$build] ?? null;
    }

    public function shown(int $build, \DateTimeZone $zone): ?ChanceShown
    {
        $own = $this->of($build);
        if ($own?->by50 === null) {
            return null;
        }
        $day = static fn (?\Carbon\CarbonImmutable $instant): string => $instant === null ? 'nobody knows when' : Say::day($instant->setTimezone($zone)->format('Y-m-d'));

        return new ChanceShown(
            percent: $own->chance === null ? null : (int) round($own->chance / 10), by50: (string) $own->instant('by50'), by80: $own->instant('by80'), by95: $own->instant('by95'),
            words: "half of the runs are over by {$day($own->by50)}, eight in ten by {$day($own->by80)}, 95 in 100 by {$day($own->by95)}",
        );
    }

    /** @return array<int, BuildForecast> */
    private function all(): array
    {
        return $this->all ??= BuildForecast::query()->where('forecast_id', Forecast::newestId())->get()->keyBy('build_id')->all();
    }
}
