<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

/** How far a saddle is moved for a string to be in tune at the twelfth (CALCULATIONS B4, from the definition). */
final readonly class Intonation
{
    /**
     * @param  float  $move  wanted, in mm; back, away from the nut, above zero
     * @param  float  $possible  as far as the saddle goes
     * @param  float  $left  cents that are left then, sharp above zero
     */
    private function __construct(public float $move, public float $possible, public float $left)
    {
    }

    /**
     * @param  float  $length  of the string from nut to saddle, in mm
     * @param  float  $cents  that it is sharp at the twelfth against the open string; flat below zero, within ± 600
     * @param  float|null  $back  how far the saddle can still go back, in mm; null where nobody knows
     * @param  float|null  $forward  and forward
     */
    public static function of(float $length, float $cents, ?float $back = null, ?float $forward = null): self
    {
        if ($length <= 0.0 || abs($cents) > 600.0) {
            throw new \InvalidArgumentException('A string has a length, and is less than half an octave out.');
        }
        $move = self::move($length, $cents);
        $possible = min(max($move, -($forward ?? INF)), $back ?? INF);

        return new self($move, $possible, $cents - self::cents($length, $possible));
    }

    public function isPossible(): bool
    {
        return abs($this->move - $this->possible) < 1e-9;
    }

    /** 1200 log₂((L / (L/2)) / ((L + d) / (L/2 + d))) = c, solved for d. */
    private static function move(float $length, float $cents): float
    {
        $ratio = 2 ** ($cents / 1200);

        return $length * ($ratio - 1) / (2 - $ratio);
    }

    /** What moving a saddle back so far takes off the twelfth, in cents. */
    public static function cents(float $length, float $back): float
    {
        return 1200 * log(2 * ($length / 2 + $back) / ($length + $back), 2);
    }
}
