<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

use App\Pages\Forecast\HonestPoint;
use App\Pages\Page;

final readonly class ForecastsProps extends Page
{
    public const COMPONENT = 'forecast/Forecasts';

    /**
     * @param  list<HonestFigure>  $figures
     * @param  list<HonestPoint>  $points
     * @param  list<string>  $change  what to change, the most telling first
     * @param  list<BiasGroup>  $bias
     * @param  list<PastForecast>  $past
     * @param  list<KeptOut>  $outliers
     * @param  list<HonestFigure>  $between
     * @param  int  $open  builds that are over and were not replayed yet
     */
    public function __construct(
        public string $headline,
        public string $under,
        public array $figures,
        public array $points,
        public array $change,
        public array $bias,
        public array $past,
        public array $outliers,
        public array $between,
        public string $drift,
        public int $open,
        public bool $replaying,
    ) {
    }
}
