<?php

declare(strict_types=1);

namespace Regimen\Timber;

/**
 * How a lot comes to the shop's balance (CALCULATIONS I3): m(t) = e + (m₀ − e)·exp(−t/τ), with τ from the lot's own readings by least
 * squares on ln|m − e| where there are enough, otherwise the house's. Moisture in % of the dry mass, time in days.
 */
final readonly class Settling
{
    /** It is ready when it is so near to the balance, in %. */
    public const NEAR = 1.0;

    /** The house's τ where nothing is learned yet, in days (house convention). */
    public const USUAL_TAU = 20.0;

    /** What a pin meter tells apart, in % (common practice). */
    public const METER = 0.5;

    /**
     * @param  float  $balance  e, in %
     * @param  float  $tau  in days
     * @param  bool  $isOwn  whether τ comes from the lot's own readings
     * @param  float|null  $spread  of τ, where more than two readings tell it
     */
    private function __construct(
        public float $balance,
        public float $tau,
        public bool $isOwn,
        public ?float $spread,
        private float $lastAt,
        private float $last,
    ) {
    }

    /**
     * @param  list<array{float, float}>  $readings  day and moisture, the earliest first
     * @param  float  $resolution  of the meter; readings nearer to the balance say nothing of τ
     *
     * @throws \InvalidArgumentException without a reading
     */
    public static function of(array $readings, float $balance, float $houseTau = self::USUAL_TAU, float $resolution = self::METER): self
    {
        if ($readings === []) {
            throw new \InvalidArgumentException('Nothing was read yet.');
        }
        [$lastAt, $last] = $readings[count($readings) - 1];
        // On the other side of the balance it is another course: only what lies on the side of the last reading counts.
        $told = array_values(array_filter(
            $readings, static fn (array $one): bool => abs($one[1] - $balance) > $resolution && ($one[1] > $balance) === ($last > $balance),
        ));
        [$tau, $spread] = self::fitted($told, $balance);

        return $tau === null || $tau <= 0
            ? new self($balance, $houseTau, false, null, $lastAt, $last)
            : new self($balance, $tau, true, $spread, $lastAt, $last);
    }

    /**
     * @param  list<array{float, float}>  $told
     * @return array{float|null, float|null} τ and its spread
     */
    private static function fitted(array $told, float $balance): array
    {
        $n = count($told);
        $days = array_column($told, 0);
        $meanDay = $n === 0 ? 0.0 : array_sum($days) / $n;
        $squares = array_sum(array_map(static fn (float $day): float => ($day - $meanDay) ** 2, $days));
        if ($n < 2 || $squares < 1e-9) {
            return [null, null];
        }
        $logs = array_map(static fn (array $one): float => log(abs($one[1] - $balance)), $told);
        $meanLog = array_sum($logs) / $n;
        $slope = array_sum(array_map(static fn (float $day, float $log): float => ($day - $meanDay) * ($log - $meanLog), $days, $logs)) / $squares;
        if (abs($slope) < 1e-12) {
            return [null, null];
        }
        $left = array_sum(array_map(static fn (float $day, float $log): float => ($log - $meanLog - $slope * ($day - $meanDay)) ** 2, $days, $logs));

        return [-1 / $slope, $n > 2 ? sqrt($left / ($n - 2) / $squares) / $slope ** 2 : null];
    }

    /** Moisture on a day, counted as the readings are. */
    public function at(float $day): float
    {
        return $this->balance + ($this->last - $this->balance) * exp(-max(0.0, $day - $this->lastAt) / $this->tau);
    }

    /** The day from which it is ready; that of the last reading where it is near already. */
    public function readyAt(): float
    {
        $off = abs($this->last - $this->balance);

        return $off <= self::NEAR ? $this->lastAt : $this->lastAt + $this->tau * log($off / self::NEAR);
    }

    public function isReadyAtOnce(): bool
    {
        return abs($this->last - $this->balance) <= self::NEAR;
    }

    /**
     * Moisture by weight, from what it weighed when it was read with a meter.
     *
     * @param  float  $moisture  read then, in %
     *
     * @throws \InvalidArgumentException for weights that are none
     */
    public static function byWeight(float $grams, float $gramsThen, float $moisture): float
    {
        if ($grams <= 0 || $gramsThen <= 0) {
            throw new \InvalidArgumentException('A weight is above zero.');
        }
        $dry = $gramsThen / (1 + $moisture / 100);

        return ($grams / $dry - 1) * 100;
    }
}
