<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Forecast\Chance\Quantiles;

/** Something that has to come: a part, work that was sent out, a decision. Several activities may wait for the same. */
final readonly class Arrival
{
    /**
     * @param  Quantiles  $days  from its order, of those like it
     * @param  float  $planned  days from its order until the plan counts with it
     * @param  float  $passed  days that have passed since its order without it; 0 where it is not ordered yet
     */
    public function __construct(public Quantiles $days, public float $planned, public float $passed = 0.0)
    {
    }

    /** Exactly when the plan says. */
    public static function certain(float $planned): self
    {
        return new self(Quantiles::certain($planned), $planned);
    }
}
