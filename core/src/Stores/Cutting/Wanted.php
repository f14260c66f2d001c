<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** A need that a board is to serve: so many pieces of one size, all of them or none. Lengths in mm, along the grain first. */
final readonly class Wanted
{
    /** @throws \InvalidArgumentException for a piece of no size */
    public function __construct(public int $number, public float $length, public float $width, public int $pieces = 1)
    {
        if (min($length, $width, $pieces) <= 0) {
            throw new \InvalidArgumentException('A piece has a length and a width above zero.');
        }
    }

    public function square(): float
    {
        return $this->pieces * $this->length * $this->width;
    }
}
