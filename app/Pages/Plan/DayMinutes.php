<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class DayMinutes
{
    public function __construct(
        public int $minutes,
        public int $usual,
        public string $words,
    ) {
    }
}
