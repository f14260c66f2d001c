<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class ToleranceLine
{
    public function __construct(
        public string $key,
        public string $what,
        public string $value,
        public string $unit,
        public bool $own,
    ) {
    }
}
