<?php

declare(strict_types=1);

namespace App\Pages\Build;

/** Which share of the labour on each piece is done, from 0 to 1. */
final readonly class Inked
{
    public function __construct(
        public float $neck,
        public float $fretboard,
        public float $body,
    ) {
    }
}
