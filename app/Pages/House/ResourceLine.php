<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class ResourceLine
{
    public function __construct(
        public int $id,
        public string $kind,
        public string $name,
        public int $capacity,
        public int $version,
    ) {
    }
}
