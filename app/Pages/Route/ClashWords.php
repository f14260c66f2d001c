<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class ClashWords
{
    public function __construct(
        public string $words,
        public string $because,
    ) {
    }
}
