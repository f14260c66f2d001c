<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class LearnedHours
{
    public function __construct(
        public string $best,
        public string $labour,
        public string $worst,
        public int $jobs,
    ) {
    }
}
