<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use Regimen\Forecast\AtCompletion;

/** A stage held against its share of the hours. */
final readonly class StageBudget
{
    /**
     * @param  int  $planned  minutes
     * @param  int  $worked  minutes
     * @param  float  $share  minutes that it may take
     * @param  float|null  $within  chance that it takes no more, 0 to 1; null where no hours are set
     */
    public function __construct(public string $name, public int $planned, public int $worked, public AtCompletion $all, public float $share, public ?float $within)
    {
    }

    public function breaks(): bool
    {
        return BudgetOutlook::isBroken($this->within);
    }

    /** What is over can break nothing any more. */
    public function willBreak(): bool
    {
        return $this->breaks() && ! $this->all->isOver();
    }
}
