<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/** What an hour that is sold has to bring, from a year’s figures (CALCULATIONS M4). */
final readonly class ShopRate
{
    private function __construct(public Money $costs, public Duration $sold, public Money $rate)
    {
    }

    /**
     * @param  Duration  $paid  hours of a year that are paid for, above zero
     * @param  float  $share  of them that can be sold, above 0 to 1
     *
     * @throws \InvalidArgumentException where nothing can be sold
     */
    public static function of(Money $wages, Money $overhead, Duration $paid, float $share): self
    {
        $sold = Duration::ofMinutes((int) round($paid->minutes * $share));
        if ($share <= 0 || $share > 1 || $sold->minutes === 0) {
            throw new \InvalidArgumentException('Of the hours that are paid for some have to be sold, and no more than all.');
        }
        $costs = $wages->plus($overhead);

        return new self($costs, $sold, $costs->times(60 / $sold->minutes));
    }
}
