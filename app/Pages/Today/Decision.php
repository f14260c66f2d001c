<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class Decision
{
    public function __construct(
        public int $build,
        public string $title,
        public string $what,
        public string $until,
        public string $operation,
    ) {
    }
}
