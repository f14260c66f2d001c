<?php

declare(strict_types=1);

namespace Regimen\Forecast\Chance;

use Regimen\Forecast\Normal;

/** A log-normal distribution: what is usual, and how far it goes to both sides. */
final readonly class Spread
{
    /**
     * @param  float  $log  natural logarithm of the median
     * @param  float  $deviation  of the logarithm, zero or more
     *
     * @throws \InvalidArgumentException for a deviation below zero, and for what is no number
     */
    public function __construct(public float $log, public float $deviation)
    {
        if ($deviation < 0 || ! is_finite($log) || ! is_finite($deviation)) {
            throw new \InvalidArgumentException('A spread has a median above zero and a deviation of zero or more.');
        }
    }

    /**
     * With a given mean and variance: σ² = ln(1 + v/m²), µ = ln m − σ²/2.
     *
     * @throws \InvalidArgumentException for a mean that is not above zero
     */
    public static function withMoments(float $mean, float $variance): self
    {
        if ($mean <= 0 || $variance < 0) {
            throw new \InvalidArgumentException('A spread has a mean above zero and a variance of zero or more.');
        }
        $square = log(1 + $variance / $mean ** 2);

        return new self(log($mean) - $square / 2, sqrt($square));
    }

    public function median(): float
    {
        return exp($this->log);
    }

    public function mean(): float
    {
        return exp($this->log + $this->deviation ** 2 / 2);
    }

    /** Below what such a share lies; the share is above 0 and below 1. */
    public function quantile(float $share): float
    {
        return exp($this->log + $this->deviation * Normal::quantile($share));
    }

    /** The share that lies below a value. */
    public function below(float $value): float
    {
        if ($value <= 0) {
            return 0.0;
        }
        if ($this->deviation === 0.0) {
            return log($value) < $this->log ? 0.0 : 1.0;
        }

        return Normal::below((log($value) - $this->log) / $this->deviation);
    }

    public function quantiles(): Quantiles
    {
        return self::unit()->map(fn (float $z): float => exp($this->log + $this->deviation * $z));
    }

    /** The standard normal distribution, laid out once. */
    private static function unit(): Quantiles
    {
        static $unit = null;

        return $unit ??= Quantiles::of(Normal::quantile(...));
    }
}
