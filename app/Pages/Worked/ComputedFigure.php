<?php

declare(strict_types=1);

namespace App\Pages\Worked;

final readonly class ComputedFigure
{
    public function __construct(
        public string $key,
        public string $name,
        public string $value,
        public string $other,
        public string $group,
        public string $because,
    ) {
    }
}
