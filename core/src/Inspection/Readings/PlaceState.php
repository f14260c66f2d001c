<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

/** One place of a line: what was read there, and what it says. */
final readonly class PlaceState
{
    /**
     * @param  list<float>  $values  in the order in which they were read
     * @param  ReadingVerdict|null  $verdict  of the worst of them; null for none, and where the other side is still to be read
     * @param  float  $outsideBy  by how much the worst lies outside
     */
    public function __construct(
        public string $place, public array $values, public ?ReadingVerdict $verdict, public float $outsideBy,
    ) {
    }
}
