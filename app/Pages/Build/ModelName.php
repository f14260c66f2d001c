<?php

declare(strict_types=1);

namespace App\Pages\Build;

final readonly class ModelName
{
    public function __construct(
        public int $id,
        public string $name,
        public string $type,
    ) {
    }
}
