<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use Regimen\Costing\JobCost;
use Regimen\Units\Money;

/** What a build comes to in money. */
final readonly class CostOutlook
{
    /**
     * @param  Money  $labour  that is still to come
     * @param  float|null  $within  chance that it costs no more than was set, 0 to 1; null where nothing is set
     */
    public function __construct(public JobCost $cost, public Money $labour, public Money $total, public ?float $within)
    {
    }
}
