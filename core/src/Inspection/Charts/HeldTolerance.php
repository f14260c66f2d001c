<?php

declare(strict_types=1);

namespace Regimen\Inspection\Charts;

/**
 * The tolerance that a house really holds (CALCULATIONS B8): three standard deviations of all readings, and how far
 * their mean lies off; with the interval in which it lies with 95 %. From twenty readings on.
 */
final readonly class HeldTolerance
{
    /** Two-sided 95 %. */
    private const Z = 1.959964;

    /**
     * @param  float  $held  in the reading's unit
     * @param  float|null  $proposed  what could be set; null where the house holds no better than is needed
     */
    private function __construct(
        public float $held, public float $from, public float $to, public ?float $proposed,
    ) {
    }

    /**
     * Around a mark that is 0 for what is measured against a drawing; with `isLimit` readings are gaps that are to be
     * small, and what is held is the largest that is to be expected.
     *
     * @param  float  $needed  the tolerance that the next operation needs: never looser than that
     * @return self|null  nothing under twenty readings
     */
    public static function of(IndividualsChart $chart, float $needed, bool $isLimit = false): ?self
    {
        $count = count($chart->values);
        if ($count < Capability::LEAST_TO_PROPOSE) {
            return null;
        }
        $off = $isLimit ? $chart->mean : abs($chart->mean);
        $sigma = Capability::spread($chart);
        $freedom = $count - 1;
        $reach = static fn (float $z): float => $off + 3 * $sigma * sqrt($freedom / self::chiSquare($freedom, $z));
        $held = $off + 3 * $sigma;

        return new self($held, $reach(self::Z), $reach(-self::Z), $held < $needed ? $held : null);
    }

    /** Wilson and Hilferty’s approximation, 1931 (from memory): within 0.2 % from 19 degrees of freedom on. */
    private static function chiSquare(int $freedom, float $z): float
    {
        $part = 2 / (9 * $freedom);

        return $freedom * (1 - $part + $z * sqrt($part)) ** 3;
    }
}
