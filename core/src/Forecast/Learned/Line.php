<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

/** A straight line through points by ordinary least squares, with what it leaves over. */
final readonly class Line
{
    private function __construct(
        public float $intercept,
        public float $slope,
        public float $deviation,
        public float $interceptError,
        public float $slopeError,
        private float $meanX,
        private float $squares,
        public int $n,
    ) {
    }

    /**
     * @param  list<int|float>  $x  not all the same
     * @param  list<int|float>  $y  as many
     *
     * @throws \InvalidArgumentException for fewer than two points, and where no line is told from another
     */
    public static function through(array $x, array $y): self
    {
        $n = count($x);
        if ($n < 2 || $n !== count($y)) {
            throw new \InvalidArgumentException('A line goes through two points at least.');
        }
        $meanX = array_sum($x) / $n;
        $meanY = array_sum($y) / $n;
        $squares = $products = 0.0;
        foreach ($x as $at => $one) {
            $squares += ($one - $meanX) ** 2;
            $products += ($one - $meanX) * ($y[$at] - $meanY);
        }
        if ($squares <= 0) {
            throw new \InvalidArgumentException('Points over one place make no line.');
        }
        $slope = $products / $squares;
        $intercept = $meanY - $slope * $meanX;
        $left = 0.0;
        foreach ($x as $at => $one) {
            $left += ($y[$at] - $intercept - $slope * $one) ** 2;
        }
        $deviation = $n > 2 ? sqrt($left / ($n - 2)) : 0.0;

        return new self(
            $intercept, $slope, $deviation, $deviation * sqrt(1 / $n + $meanX ** 2 / $squares), $deviation / sqrt($squares), $meanX, $squares, $n,
        );
    }

    public function at(float $x): float
    {
        return $this->intercept + $this->slope * $x;
    }

    /** By how many deviations from point to point the next one may lie off, with how little the line is known there. */
    public function unsureAt(float $x): float
    {
        return sqrt(1 + 1 / $this->n + ($x - $this->meanX) ** 2 / $this->squares);
    }
}
