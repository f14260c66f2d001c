<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** A part that a kit needs and that lies in stock. */
final readonly class DrawerLine
{
    public function __construct(
        public int $line,
        public int $version,
        public int $part,
        public string $name,
        public string $wanted,
        public float $quantity,
        public string $unit,
        public string $place,
        public int $build,
        public string $title,
        public ?string $neededOn,
    ) {
    }
}
