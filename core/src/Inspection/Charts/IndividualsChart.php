<?php

declare(strict_types=1);

namespace Regimen\Inspection\Charts;

/**
 * A chart of individuals for a reading that comes again with every instrument (CALCULATIONS B7).
 *
 * Source: NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2; the run of eight is of its Western Electric rules.
 */
final readonly class IndividualsChart
{
    /** What the mean of moving ranges of two is divided by to give a standard deviation (d₂ of two, same handbook). */
    public const D2 = 1.128;

    private const RUN = 8;

    /** @param  non-empty-list<float>  $values */
    private function __construct(
        public array $values, public float $mean, public float $movingRange, public float $low, public float $high,
    ) {
    }

    /**
     * @param  list<float>  $values  in the order in which they were read
     * @return self|null  nothing to draw for fewer than two
     */
    public static function of(array $values): ?self
    {
        if (count($values) < 2) {
            return null;
        }
        $mean = array_sum($values) / count($values);
        $ranges = [];
        for ($at = 1; $at < count($values); $at++) {
            $ranges[] = abs($values[$at] - $values[$at - 1]);
        }
        $range = array_sum($ranges) / count($ranges);

        return new self($values, $mean, $range, $mean - 3 * $range / self::D2, $mean + 3 * $range / self::D2);
    }

    /** The standard deviation from one to the next: what the process can. */
    public function sigma(): float
    {
        return $this->movingRange / self::D2;
    }

    /** @return list<int> places, from 0, of readings beyond the limits */
    public function beyond(): array
    {
        return array_keys(array_filter(
            $this->values, fn (float $value): bool => $value > $this->high + 1e-9 || $value < $this->low - 1e-9,
        ));
    }

    /**
     * The place, from 0, of the reading with which the latest eight in a row on one side of the mean began; null where
     * there are none at the end.
     */
    public function drift(): ?int
    {
        $side = 0;
        $began = 0;
        foreach ($this->values as $at => $value) {
            $is = abs($value - $this->mean) < 1e-12 ? 0 : ($value <=> $this->mean);
            if ($is !== $side || $is === 0) {
                [$side, $began] = [$is, $at];
            }
        }

        return $side !== 0 && count($this->values) - $began >= self::RUN ? $began : null;
    }

    /** Whether what drifts lies above the mean. */
    public function driftsUp(): bool
    {
        return $this->values[array_key_last($this->values)] > $this->mean;
    }
}
