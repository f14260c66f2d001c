<?php

declare(strict_types=1);

namespace Regimen\Timber;

/** How timber grows and shrinks across the grain (CALCULATIONS T2; Wood Handbook, FPL-GTR-282, chapter 13). */
final class Movement
{
    /**
     * ΔD = D (M_f − M_i) / (3000 / S − 30 + M_i)
     *
     * @param  float  $width  D in mm
     * @param  float  $from  moisture M_i in %, below 30
     * @param  float  $to  moisture M_f in %
     * @param  float  $shrinkage  S, green to dry along that direction, in %
     * @return float mm; less than zero when it shrinks
     */
    public static function of(float $width, float $from, float $to, float $shrinkage): float
    {
        return $width * ($to - $from) / (3000 / $shrinkage - 30 + $from);
    }
}
