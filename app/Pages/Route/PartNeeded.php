<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class PartNeeded
{
    public function __construct(
        public string $name,
        public string $state,
    ) {
    }
}
