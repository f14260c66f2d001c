<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use Regimen\Units\Money;

/** A stage held against its share of the money. */
final readonly class StageCost
{
    /** @param  float  $within  chance that it costs no more than its share, 0 to 1 */
    public function __construct(public string $name, public Money $planned, public Money $total, public Money $share, public float $within, private bool $isOver)
    {
    }

    public function breaks(): bool
    {
        return BudgetOutlook::isBroken($this->within);
    }

    /** What is over can break nothing any more. */
    public function willBreak(): bool
    {
        return $this->breaks() && ! $this->isOver;
    }
}
