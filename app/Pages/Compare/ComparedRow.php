<?php

declare(strict_types=1);

namespace App\Pages\Compare;

final readonly class ComparedRow
{
    public function __construct(
        public string $name,
        public string $today,
        public string $other,
    ) {
    }
}
