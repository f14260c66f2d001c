<?php

declare(strict_types=1);

namespace App\Pages\Methods;

final readonly class ResourceOption
{
    public function __construct(
        public string $kind,
        public string $value,
        public string $words,
    ) {
    }
}
