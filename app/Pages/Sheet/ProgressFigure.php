<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class ProgressFigure
{
    public function __construct(
        public string $key,
        public string $name,
        public string $value,
        public string $because,
        public bool $warn,
        public bool $isMoney,
    ) {
    }
}
