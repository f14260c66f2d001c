<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;
use App\Pages\Plan\ClosedDayLine;

final readonly class HouseProps extends Page
{
    public const COMPONENT = 'house/House';

    /**
     * @param  list<ClosedDayLine>  $closedDays
     * @param  list<ResourceLine>  $resources
     */
    public function __construct(
        public Settings $settings,
        public array $closedDays,
        public array $resources,
    ) {
    }
}
