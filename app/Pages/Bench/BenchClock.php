<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** One’s own clock. */
final readonly class BenchClock
{
    public function __construct(
        public int $id,
        public string $since,
    ) {
    }
}
