<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** A day of which something is missing. */
final readonly class MissingDay
{
    public function __construct(
        public string $day,
        public int $minutes,
    ) {
    }
}
