<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class ResourceOption
{
    public function __construct(
        public string $kind,
        public string $value,
        public string $words,
    ) {
    }
}
