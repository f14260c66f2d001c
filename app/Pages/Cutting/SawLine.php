<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

/** A cut from edge to edge of what is left, as a line in mm. */
final readonly class SawLine
{
    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2)
    {
    }
}
