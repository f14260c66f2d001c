<?php

declare(strict_types=1);

namespace Regimen\Forecast\Chance;

/** A distribution laid out at equal shares, so that drawing from it is looking into a list. */
final readonly class Quantiles
{
    /** Steps between the smallest and the largest that is drawn. */
    public const STEPS = 256;

    /** The outermost shares: what is rarer than one in two thousand is not drawn. */
    private const OUTERMOST = 0.0005;

    /** @param  non-empty-list<float>  $at  one more than the steps, never falling */
    private function __construct(public array $at)
    {
    }

    /** @param  callable(float): float  $quantile  below what such a share lies */
    public static function of(callable $quantile): self
    {
        $at = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $at[] = $quantile(min(1 - self::OUTERMOST, max(self::OUTERMOST, $step / self::STEPS)));
        }

        return new self($at);
    }

    public static function certain(float $value): self
    {
        return new self(array_fill(0, self::STEPS + 1, $value));
    }

    /** @param  callable(float): float  $other  never falling */
    public function map(callable $other): self
    {
        return new self(array_map($other, $this->at));
    }

    /** @param  float  $share  from 0 to below 1 */
    public function at(float $share): float
    {
        $place = $share * self::STEPS;
        $step = (int) $place;

        return $this->at[$step] + ($place - $step) * ($this->at[$step + 1] - $this->at[$step]);
    }

    /** The share that lies below a value: 0 to 1. */
    public function below(float $value): float
    {
        if ($value <= $this->at[0]) {
            return 0.0;
        }
        if ($value >= $this->at[self::STEPS]) {
            return 1.0;
        }
        [$low, $high] = [0, self::STEPS];
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            [$low, $high] = $this->at[$middle] < $value ? [$middle, $high] : [$low, $middle];
        }
        $step = $this->at[$high] - $this->at[$low];

        return ($low + ($step > 0 ? ($value - $this->at[$low]) / $step : 0.0)) / self::STEPS;
    }
}
