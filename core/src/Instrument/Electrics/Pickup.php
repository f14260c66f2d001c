<?php

declare(strict_types=1);

namespace Regimen\Instrument\Electrics;

use Regimen\Units\Length;

/** A pickup, counted from the neck. */
final readonly class Pickup
{
    /** @param  float|null  $resistance  kΩ, as its maker states it */
    public function __construct(
        public string $place,
        public PickupKind $kind,
        public ?float $resistance,
        public ?Length $position,
        public Length $depth,
        public ?Length $spread,
    ) {
    }

    public function at(Length $position): self
    {
        return new self($this->place, $this->kind, $this->resistance, $position, $this->depth, $this->spread);
    }

    /** From the scale line to the middle of its poles, in mm; every pickup of a specification has a place. */
    public function positionMm(): float
    {
        return $this->position->mm ?? 0.0;
    }
}
