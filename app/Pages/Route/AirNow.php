<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class AirNow
{
    public function __construct(
        public string $words,
        public ?string $forbids,
    ) {
    }
}
