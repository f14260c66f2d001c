<?php

declare(strict_types=1);

namespace Regimen\Electronics;

/** Resistances together and what they load (CALCULATIONS E2). */
final class Loading
{
    /** @param  non-empty-list<float>  $resistances */
    public static function parallel(array $resistances): float
    {
        return 1 / array_sum(array_map(static fn (float $one): float => 1 / $one, $resistances));
    }

    /** @param  list<float>  $resistances */
    public static function series(array $resistances): float
    {
        return array_sum($resistances);
    }

    /**
     * f = 1 / (2π R C)
     *
     * @param  float  $kilohms  R
     * @param  float  $nanofarads  C
     * @return float Hz
     */
    public static function cutOff(float $kilohms, float $nanofarads): float
    {
        return 1 / (2 * M_PI * $kilohms * 1e3 * $nanofarads * 1e-9);
    }
}
