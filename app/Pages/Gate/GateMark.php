<?php

declare(strict_types=1);

namespace App\Pages\Gate;

use Regimen\Inspection\Readings\ReadingVerdict;

/** A numbered place on the drawing. */
final readonly class GateMark
{
    public function __construct(
        public int $number,
        public float $x,
        public float $y,
        public ?ReadingVerdict $verdict,
    ) {
    }
}
