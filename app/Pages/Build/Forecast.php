<?php

declare(strict_types=1);

namespace App\Pages\Build;

use App\Pages\Dict;
use App\Pages\Worked\ShownValue;

final readonly class Forecast
{
    /**
     * @param  Dict<string>  $problems
     * @param  array<string, ShownValue>  $values
     */
    public function __construct(
        public Dict $problems,
        public array $values,
        public ?ForecastFigures $figures,
    ) {
    }
}
