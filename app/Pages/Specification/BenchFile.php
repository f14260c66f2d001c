<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class BenchFile
{
    public function __construct(
        public string $key,
        public string $name,
    ) {
    }
}
