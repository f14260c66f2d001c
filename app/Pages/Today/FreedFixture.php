<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** A hold that ends on the day, and what it frees. */
final readonly class FreedFixture
{
    public function __construct(
        public int $build,
        public string $operation,
        public ?string $fixture,
        public string $until,
    ) {
    }
}
