<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class SprayLimits
{
    public function __construct(
        public string $coldest,
        public string $dampest,
    ) {
    }
}
