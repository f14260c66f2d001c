<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** A mark on the face of a board, in mm. */
final readonly class DefectLine
{
    public function __construct(
        public int $id,
        public string $kind,
        public float $from,
        public float $across,
        public float $length,
        public float $width,
    ) {
    }
}
