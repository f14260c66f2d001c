<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

use App\Models\Plan\HelpState;
use App\Pages\Page;

final readonly class ShopChancesProps extends Page
{
    public const COMPONENT = 'forecast/Chances';

    /**
     * @param  list<BuildChanceLine>  $builds
     * @param  list<MonthToCome>  $months
     */
    public function __construct(
        public string $headline,
        public string $under,
        public HelpState $standing,
        public ?string $madeAt,
        public int $wanted,
        public array $builds,
        public array $months,
        public string $slot,
        public string $currency,
        public string $learned,
    ) {
    }
}
