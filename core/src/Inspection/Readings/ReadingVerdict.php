<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

/** What a reading says against its limits (CALCULATIONS B1). */
enum ReadingVerdict: string
{
    case Inside = 'inside';
    case OnTheLine = 'on the line';
    case Outside = 'outside';

    /**
     * On the line is what is nearer to a limit than the tool can tell; everything in or out is told apart beyond that.
     *
     * @param  float|null  $low  in the reading's unit; null for no lower limit
     * @param  float|null  $high  null for no upper limit
     * @param  float  $resolution  of the tool, in the same unit, above zero
     */
    public static function of(float $value, ?float $low, ?float $high, float $resolution): self
    {
        foreach (array_filter([$low, $high], is_float(...)) as $limit) {
            // What is exactly as far away as the tool can tell is told: the sum of two decimal figures is seldom exact.
            if (abs($value - $limit) < $resolution - 1e-9) {
                return self::OnTheLine;
            }
        }

        return ($low !== null && $value < $low) || ($high !== null && $value > $high) ? self::Outside : self::Inside;
    }

    /**
     * A set of readings is judged by its worst.
     *
     * @param  list<self>  $verdicts
     * @return self|null  nothing for no reading
     */
    public static function worst(array $verdicts): ?self
    {
        foreach ([self::Outside, self::OnTheLine, self::Inside] as $verdict) {
            if (in_array($verdict, $verdicts, true)) {
                return $verdict;
            }
        }

        return null;
    }

    public function passes(): bool
    {
        return $this !== self::Outside;
    }
}
