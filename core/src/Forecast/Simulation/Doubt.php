<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Forecast\Chance\Quantiles;

/** What is not known about one activity: how long it takes and whether it goes wrong. What it waits for is known by its cause (Doubts). */
final readonly class Doubt
{
    /**
     * @param  Quantiles  $ratio  what it takes for each minute that is planned
     * @param  string  $kind  those of one kind share how little is known about their mean
     * @param  float  $unsure  deviation of that mean’s logarithm, zero or more
     * @param  int  $whole  minutes that are planned for all of it; of what is under way more than is left
     * @param  int  $begun  minutes of them, by the house standard, that are worked already
     * @param  float  $setback  chance that it goes wrong, 0 to 1
     * @param  int  $lost  minutes that it costs on the mean when it does
     * @param  Quantiles|null  $hold  how long its hold really is, for each minute that is planned
     */
    public function __construct(
        public Quantiles $ratio,
        public string $kind = '',
        public float $unsure = 0.0,
        public int $whole = 0,
        public int $begun = 0,
        public float $setback = 0.0,
        public int $lost = 0,
        public ?Quantiles $hold = null,
    ) {
    }
}
