<?php

declare(strict_types=1);

namespace Regimen\Setback;

/**
 * How often something goes wrong, and what it costs: setbacks over the times that something was done, with the hours that were
 * lost. Where little is known the house's mean counts as so many more times, so that one bad day is not taken for a rule
 * (the mean of a beta distribution whose prior has the weight of PRIOR times).
 */
final readonly class Rates
{
    private const PRIOR = 12.0;

    private function __construct(private float $mean)
    {
    }

    /**
     * @param  int  $setbacks  in all that was done
     * @param  int  $times  that anything was done
     */
    public static function ofHouse(int $setbacks, int $times): self
    {
        return new self($times <= 0 ? 0.0 : min(1.0, $setbacks / $times));
    }

    /** The chance that it goes wrong the next time: 0 to 1. */
    public function chance(int $setbacks, int $times): float
    {
        $times = max($times, $setbacks);

        return ($setbacks + self::PRIOR * $this->mean) / ($times + self::PRIOR);
    }

    /** Minutes that one time costs on the mean, over all times that it went well. */
    public function minutesEachTime(int $setbacks, int $times, int $lost): float
    {
        return $setbacks === 0 ? 0.0 : $this->chance($setbacks, $times) * $lost / $setbacks;
    }
}
