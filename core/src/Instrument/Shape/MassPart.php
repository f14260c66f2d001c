<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

/** A part's mass in grams and where along the strings it is centred, in mm from the nut. */
final readonly class MassPart
{
    public function __construct(public string $name, public float $grams, public float $x)
    {
    }
}
