<?php

declare(strict_types=1);

namespace Regimen\Forecast;

/** When something has to be ordered again, and how much of it (CALCULATIONS I6). */
final readonly class ReorderPoint
{
    /** The chance that what is there lasts until the order comes; house convention. */
    private const SERVICE = 0.95;

    /** @param  float  $amount  of the unit, at which it is ordered */
    private function __construct(public float $amount)
    {
    }

    /**
     * d·L + z·√(L·σ_d² + d²·σ_L²).
     *
     * @param  float  $aDay  used on a day, zero or more
     * @param  float  $spreadADay  standard deviation of that
     * @param  float  $days  that an order takes
     * @param  float  $spreadDays  standard deviation of that
     * @param  float  $z  of the standard normal distribution
     */
    public static function of(float $aDay, float $spreadADay, float $days, float $spreadDays, ?float $z = null): self
    {
        if (min($aDay, $spreadADay, $days, $spreadDays) < 0) {
            throw new \InvalidArgumentException('Nothing of a reorder point is below zero.');
        }
        $z ??= Normal::quantile(self::SERVICE);

        return new self($aDay * $days + $z * sqrt($days * $spreadADay ** 2 + $aDay ** 2 * $spreadDays ** 2));
    }

    /**
     * From what was used in so many days and how long orders take; the spread of a lead time is taken from what lies between its middle and nine of ten.
     *
     * @param  float  $total  of the unit, used in all
     * @param  float  $squares  the sum of the squares of what was used on each day
     * @param  int  $days  over which it was looked, above zero
     */
    public static function fromUse(float $total, float $squares, int $days, LeadTime $time): self
    {
        $mean = $total / $days;

        return self::of($mean, sqrt(max(0.0, $squares / $days - $mean ** 2)), $time->median(), ($time->ninthDecile() - $time->median()) / Normal::quantile(0.9));
    }

    /**
     * √(2·D·S/H): how much is ordered at once.
     *
     * @param  float  $aYear  used in a year
     * @param  float  $order  what an order costs beside the goods
     * @param  float  $keeping  what one costs to keep for a year, above zero
     */
    public static function lot(float $aYear, float $order, float $keeping): float
    {
        if ($aYear < 0 || $order < 0 || $keeping <= 0) {
            throw new \InvalidArgumentException('What is kept costs something, and nothing of a lot is below zero.');
        }

        return sqrt(2 * $aYear * $order / $keeping);
    }
}
