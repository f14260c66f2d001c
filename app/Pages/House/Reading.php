<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class Reading
{
    public function __construct(
        public string $at,
        public float $temperature,
        public float $humidity,
        public string $source,
    ) {
    }
}
