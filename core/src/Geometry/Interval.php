<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/** From here to there, in millimetres. */
final readonly class Interval
{
    public function __construct(public float $from, public float $to)
    {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }

    /** Where a value lies in it: 0 at its beginning, 1 at its end. */
    public function shareOf(float $value): float
    {
        return ($value - $this->from) / $this->length();
    }

    /** By how much two overlap; negative is the gap between them. */
    public function overlap(self $other): float
    {
        return min($this->to, $other->to) - max($this->from, $other->from);
    }
}
