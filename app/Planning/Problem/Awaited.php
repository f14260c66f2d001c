<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use Regimen\Forecast\Chance\Spread;
use Regimen\Forecast\LeadTime;
use Regimen\Forecast\Simulation\Arrival;

/** A part that has to come, as the plan counts with it and as its supplier really delivers. */
final readonly class Awaited
{
    /**
     * @param  int  $planned  days from its order until the plan counts with it
     * @param  int  $passed  days since its order; 0 where it is not ordered yet
     * @param  float  $stretch  what was agreed for each day that such an order usually takes
     */
    public function __construct(public LeadTime $time, public int $planned, public int $passed = 0, public float $stretch = 1.0)
    {
    }

    public function arrival(): Arrival
    {
        $spread = $this->time->spread();
        // What was agreed to come later than usual is as uncertain for its time as what comes as usual.
        $agreed = new Spread($spread->log + log(max(0.1, $this->stretch)), $spread->deviation);

        return new Arrival($agreed->quantiles(), max(0, $this->planned), max(0, $this->passed));
    }
}
