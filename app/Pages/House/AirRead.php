<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class AirRead
{
    public function __construct(
        public string $at,
        public string $temperature,
        public string $humidity,
        public string $source,
    ) {
    }
}
