<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class OwnedResource
{
    public function __construct(
        public int $id,
        public string $key,
        public string $kind,
        public string $name,
        public int $capacity,
    ) {
    }
}
