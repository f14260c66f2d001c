<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class HouseModelHead
{
    public function __construct(
        public int $id,
        public int $version,
        public bool $isDefault,
    ) {
    }
}
