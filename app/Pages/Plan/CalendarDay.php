<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class CalendarDay
{
    public function __construct(
        public string $date,
        public ?string $closed,
    ) {
    }
}
