<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Units\Length;

/** A cavity in the body; pickups and the neck pocket have their own. */
final readonly class Cavity
{
    /**
     * @param  Length  $behind  its middle behind the scale line, less than zero towards the neck
     * @param  Length  $across  its middle off the centre line, less than zero on the treble side
     */
    public function __construct(
        public CavityKind $kind,
        public Length $depth,
        public Length $length,
        public Length $width,
        public Length $behind,
        public Length $across,
    ) {
    }
}
