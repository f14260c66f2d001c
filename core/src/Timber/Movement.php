<?php

declare(strict_types=1);

namespace Regimen\Timber;

use Regimen\Units\Term;
use Regimen\Units\Words;

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
     * @return Term mm; less than zero when it shrinks
     */
    public static function between(float $width, float $from, float $to, float $shrinkage): Term
    {
        $moves = Term::of($width, 0)->times(Term::of($to)->minus(Term::of($from)), '×');
        $stiffness = Term::worded(
            3000 / $shrinkage, '3000/'.Words::number($shrinkage),
        )->minus(Term::of(30, 0))->plus(Term::of($from));

        return $moves->over($stiffness);
    }
}
