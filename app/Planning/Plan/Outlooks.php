<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Plan\PlanEntry;
use App\Planning\House\House;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Forecast\Outlook;
use Regimen\Schedule\Policy\Planned;

/** Planned finishes of builds held against their promises. */
final readonly class Outlooks
{
    public function __construct(private House $house)
    {
    }

    /**
     * When the whole build is planned to be over; null if a part of it cannot be planned.
     *
     * @param  Collection<int, PlanEntry>  $entries  of one build
     */
    public static function finish(Collection $entries): ?CarbonImmutable
    {
        if ($entries->isEmpty()) {
            return null;
        }
        // As text they sort like instants, and only the last one is worth the parsing.
        $finishes = $entries->toBase()->map(static fn (PlanEntry $entry): ?string => $entry->getRawOriginal('finish'));

        return $finishes->contains(null) ? null : CarbonImmutable::parse((string) $finishes->max(), 'UTC');
    }

    public function zone(): \DateTimeZone
    {
        return $this->house->zone();
    }

    public function of(Build $build, ?CarbonImmutable $finish): Outlook
    {
        return Outlook::judge(
            $finish?->setTimezone($this->house->zone())->format('Y-m-d'),
            $build->promised_on,
            $this->house->hours(),
            $this->house->shop()->risk_days,
            $build->route_lacks === '',
        );
    }
}
