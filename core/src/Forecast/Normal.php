<?php

declare(strict_types=1);

namespace Regimen\Forecast;

/** The standard normal distribution, to twelve decimals within ±8. */
final class Normal
{
    /** Beyond this nothing is left that a plan could tell. */
    private const FAR = 8.0;

    /** Share that lies below: the series Φ(x) = ½ + φ(x)·(x + x³/3 + x⁵/(3·5) + …) (Abramowitz and Stegun, 26.2.11, from memory). */
    public static function below(float $x): float
    {
        if (abs($x) > self::FAR) {
            return $x < 0 ? 0.0 : 1.0;
        }
        $sum = $term = $x;
        for ($n = 3; abs($term) > 1e-17 * abs($sum) + 1e-300; $n += 2) {
            $sum += $term *= $x * $x / $n;
        }

        return 0.5 + $sum * exp(-$x * $x / 2) / sqrt(2 * M_PI);
    }

    /**
     * Below what such a share lies.
     *
     * @param  float  $share  above 0 and below 1
     *
     * @throws \InvalidArgumentException for a share outside that
     */
    public static function quantile(float $share): float
    {
        if ($share <= 0 || $share >= 1) {
            throw new \InvalidArgumentException('A share lies between 0 and 1.');
        }
        [$low, $high] = [-self::FAR, self::FAR];
        for ($step = 0; $step < 60; $step++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = self::below($middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }
}
