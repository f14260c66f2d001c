<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Forecast\Learned\Ratio;

/** What hours come to when all is done, with their band: what is worked, and what is left by what such work really takes. */
final class AtCompletion
{
    private float $mean = 0.0;

    private float $square = 0.0;

    /** @var array<string, float> deviations that all of one kind share, by kind */
    private array $shared = [];

    /** @param  float  $worked  minutes that are worked already */
    public function __construct(private float $worked)
    {
    }

    /**
     * @param  float  $left  minutes of it that are planned and not worked
     * @param  string  $kind  those of one kind are wrong together
     */
    public function add(float $left, Ratio $ratio, string $kind): void
    {
        $spread = new Chance\Spread($ratio->log, $ratio->deviation);
        $this->mean += $left * $spread->mean();
        $this->square += $left ** 2 * (exp($ratio->deviation ** 2) - 1) * $spread->mean() ** 2;
        $this->shared[$kind] = ($this->shared[$kind] ?? 0.0) + $left * $spread->mean() * $ratio->unsure;
    }

    /** Whether nothing of it is left. */
    public function isOver(): bool
    {
        return $this->mean <= 0.0;
    }

    /** Minutes in all, on the mean. */
    public function mean(): float
    {
        return $this->worked + $this->mean;
    }

    public function deviation(): float
    {
        return sqrt($this->square + array_sum(array_map(static fn (float $one): float => $one ** 2, $this->shared)));
    }

    /**
     * Between which so many of 100 such builds end up; many operations together are nearly normal.
     *
     * @param  float  $share  above 0 and below 1
     * @return array{float, float} minutes, not below what is worked
     */
    public function band(float $share): array
    {
        $away = Normal::quantile((1 + $share) / 2) * $this->deviation();

        return [max($this->worked, $this->mean() - $away), $this->mean() + $away];
    }

    /** The chance that it stays within a budget of minutes: 0 to 1. */
    public function within(float $budget): float
    {
        $deviation = $this->deviation();

        return $deviation <= 0 ? ($this->mean() <= $budget ? 1.0 : 0.0) : Normal::below(($budget - $this->mean()) / $deviation);
    }
}
