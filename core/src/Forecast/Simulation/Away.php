<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

/** How often somebody stays away whom the plan counts with, and what of their day is lost. */
final readonly class Away
{
    /**
     * @param  float  $spellsADay  times that it begins, for each day of the calendar
     * @param  float  $days  of the calendar that it lasts on the mean, one at least
     * @param  float  $lost  share of the hours that is lost to interruptions, 0 to below 1
     * @param  float  $pace  what they take for each hour that others take, above zero
     *
     * @throws \InvalidArgumentException outside of that
     */
    public function __construct(public float $spellsADay = 0.0, public float $days = 1.0, public float $lost = 0.0, public float $pace = 1.0)
    {
        if ($spellsADay < 0 || $days < 1 || $lost < 0 || $lost >= 1 || $pace <= 0) {
            throw new \InvalidArgumentException('Nobody is away less than never, for less than a day, or loses all of it.');
        }
    }
}
