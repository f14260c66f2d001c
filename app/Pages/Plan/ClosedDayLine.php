<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class ClosedDayLine
{
    public function __construct(
        public int $id,
        public string $date,
        public string $note,
    ) {
    }
}
