<?php

declare(strict_types=1);

namespace Regimen\Timber;

/** The moisture that timber settles at (CALCULATIONS T1; Wood Handbook, FPL-GTR-282, chapter 4). */
final class BalanceMoisture
{
    /**
     * @param  float  $celsius  °C
     * @param  float  $humidity  relative, in %
     * @return float % of the dry mass
     */
    public static function percent(float $celsius, float $humidity): float
    {
        $h = max(0.0, min(0.98, $humidity / 100));
        $w = 349 + 1.29 * $celsius + 0.0135 * $celsius ** 2;
        $k = 0.805 + 0.000736 * $celsius - 0.00000273 * $celsius ** 2;
        $k1 = 6.27 - 0.00938 * $celsius - 0.000303 * $celsius ** 2;
        $k2 = 1.91 + 0.0407 * $celsius - 0.000293 * $celsius ** 2;
        $kh = $k * $h;

        return 1800 / $w * (
            $kh / (1 - $kh) + ($k1 * $kh + 2 * $k1 * $k2 * $kh ** 2) / (1 + $k1 * $kh + $k1 * $k2 * $kh ** 2)
        );
    }
}
