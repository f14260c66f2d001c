<?php

declare(strict_types=1);

namespace Regimen\Inspection\Charts;

/**
 * How well what is done fits its tolerance (CALCULATIONS B8).
 *
 * Source: NIST/SEMATECH e-Handbook of Statistical Methods, 6.1.6.
 */
final readonly class Capability
{
    /** With fewer readings nothing is said, and with fewer than so many no tolerance is proposed. */
    public const LEAST = 10;

    public const LEAST_TO_PROPOSE = 20;

    /**
     * @param  float|null  $cp  width of the tolerance by that of the process; null with one limit only
     * @param  float  $cpk  the nearer limit by half the width of the process
     */
    private function __construct(public ?float $cp, public float $cpk)
    {
    }

    /**
     * @param  float|null  $low  lower limit; null for none
     * @param  float|null  $high  upper limit; null for none
     * @param  float  $sigma  standard deviation, above zero
     * @return self|null  nothing without a limit or without any spread
     */
    public static function of(float $mean, float $sigma, ?float $low, ?float $high): ?self
    {
        if ($sigma <= 0.0 || ($low === null && $high === null)) {
            return null;
        }

        return new self(
            $low === null || $high === null ? null : ($high - $low) / (6 * $sigma),
            min($high === null ? INF : ($high - $mean) / (3 * $sigma), $low === null ? INF : ($mean - $low) / (3 * $sigma)),
        );
    }

    /** What the process can, by the spread from one reading to the next; nothing under ten readings. */
    public static function canDo(IndividualsChart $chart, ?float $low, ?float $high): ?self
    {
        return count($chart->values) < self::LEAST ? null : self::of($chart->mean, $chart->sigma(), $low, $high);
    }

    /** What it did, by the spread of all readings. */
    public static function did(IndividualsChart $chart, ?float $low, ?float $high): ?self
    {
        return count($chart->values) < self::LEAST ? null : self::of($chart->mean, self::spread($chart), $low, $high);
    }

    /** The standard deviation of all readings, of a sample. */
    public static function spread(IndividualsChart $chart): float
    {
        $squares = array_sum(array_map(static fn (float $value): float => ($value - $chart->mean) ** 2, $chart->values));

        return sqrt($squares / (count($chart->values) - 1));
    }
}
