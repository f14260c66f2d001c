<?php

declare(strict_types=1);

namespace Regimen\Forecast\Honesty;

/** How good forecasts were (CALCULATIONS P11): each figure with the number of forecasts that it is made of. */
final readonly class Calibration
{
    private const DAY = 1_440;

    public int $n;

    /** @param  list<Given>  $given  all of them over */
    public function __construct(private array $given)
    {
        $this->n = count($given);
    }

    /**
     * The share that ended within an interval; the one in the middle with so much in it.
     *
     * @param  int  $percent  50 or 80
     * @return float|null 0 to 1; null of none
     */
    public function held(int $percent): ?float
    {
        [$from, $to] = match ($percent) {
            50 => [25, 75],
            80 => [10, 90],
            default => throw new \InvalidArgumentException('Intervals of 50 and of 80 per cent are kept.'),
        };

        return $this->share(static fn (Given $one): bool => $one->within($from, $to));
    }

    /** The share that was over by the date that so many per cent were forecast for. */
    public function by(int $percent): ?float
    {
        return $this->share(static fn (Given $one): bool => $one->within(null, $percent));
    }

    /**
     * The Brier score: the mean square of how far chances were from what happened, 0 at best; 0.25 is as good as no knowledge
     * (Brier 1950, for two outcomes).
     */
    public function brier(): ?float
    {
        $squares = [];
        foreach ($this->given as $one) {
            if ($one->chance !== null && $one->kept !== null) {
                $squares[] = ($one->chance - ($one->kept ? 1 : 0)) ** 2;
            }
        }

        return $squares === [] ? null : array_sum($squares) / count($squares);
    }

    /** Days by which they ended later than the middle that was forecast, on the mean; below zero where they ended sooner. */
    public function biasInDays(): ?float
    {
        return $this->n === 0 ? null : array_sum(array_map(static fn (Given $one): float => ($one->finish - ($one->by[50] ?? $one->finish)) / self::DAY, $this->given)) / $this->n;
    }

    /** Days by which the middle that was forecast was off, on the mean. */
    public function errorInDays(): ?float
    {
        return $this->error(static fn (Given $one): ?int => $one->by[50] ?? null);
    }

    /** Days by which the plan of the plain estimates was off, on the mean. */
    public function plainErrorInDays(): ?float
    {
        return $this->error(static fn (Given $one): ?int => $one->plain);
    }

    /**
     * Chances that were given, in bands of so many per cent, beside how many were kept.
     *
     * @return list<array{given: float, held: float, n: int}> the lowest first, bands with none left out
     */
    public function curve(int $band = 20): array
    {
        $bands = [];
        foreach ($this->given as $one) {
            if ($one->chance !== null && $one->kept !== null) {
                $bands[min(intdiv(100, $band) - 1, (int) (100 * $one->chance / $band))][] = [$one->chance, $one->kept ? 1 : 0];
            }
        }
        ksort($bands);

        return array_values(array_map(static fn (array $ones): array => [
            'given' => array_sum(array_column($ones, 0)) / count($ones), 'held' => array_sum(array_column($ones, 1)) / count($ones), 'n' => count($ones),
        ], $bands));
    }

    /**
     * Between which shares so many of n come out by chance alone in about 95 of 100, where the forecast is right: the interval of
     * Wilson (1927) around it.
     *
     * @return array{float, float}
     */
    public static function byChance(float $share, int $n): array
    {
        if ($n <= 0) {
            return [0.0, 1.0];
        }
        $z = 1.959964;
        $middle = ($share + $z ** 2 / (2 * $n)) / (1 + $z ** 2 / $n);
        $half = $z / (1 + $z ** 2 / $n) * sqrt($share * (1 - $share) / $n + $z ** 2 / (4 * $n ** 2));

        return [max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /** @param  callable(Given): bool  $is */
    private function share(callable $is): ?float
    {
        return $this->n === 0 ? null : count(array_filter($this->given, $is)) / $this->n;
    }

    /** @param  callable(Given): (int|null)  $said */
    private function error(callable $said): ?float
    {
        $off = [];
        foreach ($this->given as $one) {
            $instant = $said($one);
            if ($instant !== null) {
                $off[] = abs($one->finish - $instant) / self::DAY;
            }
        }

        return $off === [] ? null : array_sum($off) / count($off);
    }
}
