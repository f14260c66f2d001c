<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

use App\Pages\Page;

final readonly class YearProps extends Page
{
    public const COMPONENT = 'forecast/Year';

    /**
     * @param  list<int>  $years  that there are records of
     * @param  list<YearLine>  $hours
     * @param  list<YearLine>  $stages
     * @param  list<YearLine>  $counts
     */
    public function __construct(
        public int $year,
        public array $years,
        public string $headline,
        public string $under,
        public array $hours,
        public array $stages,
        public array $counts,
    ) {
    }
}
