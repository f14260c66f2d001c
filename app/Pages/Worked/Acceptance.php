<?php

declare(strict_types=1);

namespace App\Pages\Worked;

final readonly class Acceptance
{
    public function __construct(
        public string $by,
        public string $reason,
    ) {
    }
}
