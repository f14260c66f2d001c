<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

use Regimen\Forecast\Chance\Spread;

/**
 * Learning by repetition (CALCULATIONS P12): T_n = T_1·n^b with b = log₂ r, fitted by least squares on logarithms. The unit
 * curve; Wright (1936) himself speaks of the average of the first n.
 */
final readonly class Repetition
{
    /** Fewer repeats make no curve. */
    public const FEWEST = 3;

    /** As much as jobs of one operation differ at the least, as a deviation of logarithms, where so few lie on a line by chance (house convention). */
    private const LEAST = 0.08;

    private function __construct(private Line $line, private float $best)
    {
    }

    /**
     * @param  list<int|float>  $times  of the first, the second, and so on, above zero, all of the same amount of work
     * @return self|null null from fewer than three
     */
    public static function fit(array $times): ?self
    {
        $n = count($times);
        if ($n < self::FEWEST || min($times) <= 0) {
            return null;
        }

        return new self(Line::through(array_map(log(...), range(1, $n)), array_map(static fn (int|float $time): float => log($time), $times)), (float) min($times));
    }

    /** T_1 by the curve. */
    public function first(): float
    {
        return exp($this->line->intercept);
    }

    /** What is left of the time when the number doubles: r = 2^b. */
    public function rate(): float
    {
        return 2 ** $this->line->slope;
    }

    /** T_n by the curve alone. */
    public function time(int $n): float
    {
        return exp($this->line->at(log($n)));
    }

    /** Repeats that it was fitted to. */
    public function n(): int
    {
        return $this->line->n;
    }

    /**
     * What the next one takes, with how little so few say: not below the best that was ever recorded.
     *
     * @return Spread in the unit of the times
     */
    public function next(): Spread
    {
        $n = $this->n() + 1;

        return new Spread(log(max($this->best, $this->time($n))), max(self::LEAST, $this->line->deviation) * $this->line->unsureAt(log($n)));
    }
}
