<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** A rectangle on the face of a board, in mm: from its end along the grain, from its edge across it. */
final readonly class Area
{
    public function __construct(public float $from, public float $across, public float $length, public float $width)
    {
    }

    public function square(): float
    {
        return $this->length * $this->width;
    }

    public function moved(float $along, float $across): self
    {
        return new self($this->from + $along, $this->across + $across, $this->length, $this->width);
    }

    /** Whether the two share more than an edge. */
    public function overlaps(self $other): bool
    {
        return $this->from < $other->from + $other->length - 1e-9 && $other->from < $this->from + $this->length - 1e-9
            && $this->across < $other->across + $other->width - 1e-9 && $other->across < $this->across + $this->width - 1e-9;
    }
}
