<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class PinShown
{
    public function __construct(
        public string $person,
        public string $day,
        public string $after,
        public string $words,
    ) {
    }
}
