<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Forecast\Chance\Spread;

/**
 * How long an order takes (CALCULATIONS I5): log-normal, what the house expects weighing as some orders beside those that came. Days of the calendar.
 */
final readonly class LeadTime
{
    /** As many orders what the house expects weighs (house convention). */
    public const WEIGHT = 4.0;

    /** Nine of ten come within so many times the median where nobody has said more (house convention). */
    public const NINTH = 2.0;

    /** What came on the day on which it was ordered took that long. */
    private const LEAST = 0.5;

    private function __construct(private float $mean, private float $spread, public int $n)
    {
    }

    /**
     * @param  float  $median  that the house expects, days, above zero
     * @param  float  $ninth  within which it expects nine of ten, more than the median
     * @param  list<int|float>  $took  of the orders that came
     *
     * @throws \InvalidArgumentException for expectations that are none
     */
    public static function of(float $median, float $ninth, array $took, float $weight = self::WEIGHT): self
    {
        if ($median <= 0 || $ninth <= $median || $weight <= 0) {
            throw new \InvalidArgumentException('A lead time has a median above zero, and nine of ten take longer than that.');
        }
        $prior = log($median);
        $spread = log($ninth / $median) / Normal::quantile(0.9);
        $logs = array_map(static fn (int|float $days): float => log(max(self::LEAST, $days)), $took);
        $n = count($logs);
        $own = $n === 0 ? $prior : array_sum($logs) / $n;
        $mean = ($weight * $prior + $n * $own) / ($weight + $n);
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $own) ** 2, $logs));

        return new self($mean, sqrt(($weight * $spread ** 2 + $squares + $weight * $n / ($weight + $n) * ($own - $prior) ** 2) / ($weight + $n)), $n);
    }

    public function median(): float
    {
        return exp($this->mean);
    }

    /** The whole distribution, in days. */
    public function spread(): Spread
    {
        return new Spread($this->mean, $this->spread);
    }

    /** Within which nine of ten come. */
    public function ninthDecile(): float
    {
        return exp($this->mean + $this->spread * Normal::quantile(0.9));
    }

    /** The chance that it has come within so many days. */
    public function within(float $days): float
    {
        return $days <= 0 ? 0.0 : Normal::below((log($days) - $this->mean) / $this->spread);
    }

    /** When it is to be expected, from the order, given that so many days have passed and it is not there: half of such orders come before. */
    public function expectedAfter(float $passed): float
    {
        $left = 1 - $this->within($passed);

        // What is later than anything that the spread knows is expected as much later again as a day can be told.
        return $left < 1e-9 ? $passed + 1 : exp($this->mean + $this->spread * Normal::quantile(1 - $left / 2));
    }
}
