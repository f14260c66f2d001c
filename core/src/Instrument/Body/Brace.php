<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Units\Length;

/** One brace of a top, from end to end: behind the saddle line, and off the centre with the treble below zero. */
final readonly class Brace
{
    public function __construct(
        public Length $fromBehind,
        public Length $fromAcross,
        public Length $toBehind,
        public Length $toAcross,
        public Length $height,
    ) {
    }
}
