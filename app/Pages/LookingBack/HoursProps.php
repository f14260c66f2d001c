<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

use App\Pages\Page;

final readonly class HoursProps extends Page
{
    public const COMPONENT = 'forecast/Hours';

    /**
     * @param  list<int>  $years
     * @param  list<string>  $months  YYYY-MM
     * @param  list<HoursOfPerson>  $people
     * @param  list<string>  $totals  by month
     */
    public function __construct(public int $year, public array $years, public array $months, public array $people, public array $totals, public string $total)
    {
    }
}
