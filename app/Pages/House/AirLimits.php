<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class AirLimits
{
    public function __construct(
        public float $coldest,
        public float $dampest,
    ) {
    }
}
