<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

/** Where the middle of a face marker lies, in mm: along the board from the nut, and off its centre line. */
final readonly class MarkerPlace
{
    public function __construct(public int $fret, public float $along, public float $across)
    {
    }
}
