<?php

declare(strict_types=1);

namespace Regimen\Forecast\Chance;

/**
 * The beta-PERT distribution of an estimate at best, as usual and at worst (CALCULATIONS P5, P8). Its variance is
 * (µ − o)(p − µ)/7, not the classical approximation of ((p − o)/6)².
 */
final readonly class BetaPert
{
    /** Points at which its density is summed up. */
    private const POINTS = 2_048;

    /** @throws \InvalidArgumentException unless best ≤ usual ≤ worst */
    public function __construct(public float $best, public float $usual, public float $worst)
    {
        if ($best > $usual || $usual > $worst) {
            throw new \InvalidArgumentException('At best is not more than usual, and usual not more than at worst.');
        }
    }

    /** (o + 4m + p)/6 */
    public function mean(): float
    {
        return ($this->best + 4 * $this->usual + $this->worst) / 6;
    }

    /** (µ − o)(p − µ)/7 */
    public function variance(): float
    {
        return ($this->mean() - $this->best) * ($this->worst - $this->mean()) / 7;
    }

    /** ((p − o)/6)², which the classical approximation takes. */
    public function classicalVariance(): float
    {
        return (($this->worst - $this->best) / 6) ** 2;
    }

    /** The log-normal distribution with the same mean and variance. */
    public function spread(): Spread
    {
        return Spread::withMoments($this->mean(), $this->variance());
    }

    public function quantiles(): Quantiles
    {
        $width = $this->worst - $this->best;
        if ($width <= 0) {
            return Quantiles::certain($this->usual);
        }
        $a = 4 * ($this->usual - $this->best) / $width;
        $b = 4 * ($this->worst - $this->usual) / $width;
        // The density x^a·(1 − x)^b by its midpoints: a and b are 0 to 4, so that nothing runs away at the ends.
        $sums = [0.0];
        for ($point = 0; $point < self::POINTS; $point++) {
            $x = ($point + 0.5) / self::POINTS;
            $sums[] = $sums[$point] + $x ** $a * (1 - $x) ** $b;
        }

        return Quantiles::of(function (float $share) use ($sums, $width): float {
            $wanted = $share * $sums[self::POINTS];
            [$low, $high] = [0, self::POINTS];
            while ($high - $low > 1) {
                $middle = ($low + $high) >> 1;
                [$low, $high] = $sums[$middle] < $wanted ? [$middle, $high] : [$low, $middle];
            }
            $step = $sums[$high] - $sums[$low];

            return $this->best + $width * ($low + ($step > 0 ? ($wanted - $sums[$low]) / $step : 0.5)) / self::POINTS;
        });
    }
}
