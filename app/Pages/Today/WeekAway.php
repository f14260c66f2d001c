<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class WeekAway
{
    public function __construct(
        public string $words,
        public string $part,
    ) {
    }
}
