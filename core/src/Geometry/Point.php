<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/** A point in millimetres: x along the strings from the nut towards the body, y across or down. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function scaled(float $x, float $y): self
    {
        return new self($this->x * $x, $this->y * $y);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }
}
