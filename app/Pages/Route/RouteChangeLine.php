<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteChangeLine
{
    public function __construct(
        public int $id,
        public string $words,
        public ?string $left,
        public string $reason,
        public ?string $by,
        public string $at,
    ) {
    }
}
