<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** What has changed in somebody’s day. */
final readonly class DayChange
{
    public function __construct(
        public string $words,
        public string $because,
    ) {
    }
}
