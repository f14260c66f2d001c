<?php

declare(strict_types=1);

namespace App\Pages\Methods;

final readonly class PatternLine
{
    public function __construct(
        public int $id,
        public string $name,
        public int $changes,
        public int $methods,
    ) {
    }
}
