<?php

declare(strict_types=1);

namespace App\Pages\Gate;

use Regimen\Inspection\Readings\ReadingVerdict;

/** One place at which something is read. */
final readonly class GatePlace
{
    /**
     * @param  int  $number  of its mark on the drawing
     * @param  list<GateReading>  $readings
     * @param  string  $outside  by how much the worst lies outside, in words; empty for inside
     */
    public function __construct(
        public int $number,
        public string $place,
        public array $readings,
        public ?ReadingVerdict $verdict,
        public string $outside,
    ) {
    }
}
