<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class LoadWeek
{
    public function __construct(
        public int $there,
        public int $planned,
        public int $needed,
        public ?float $share,
        public ?float $wanted,
    ) {
    }
}
