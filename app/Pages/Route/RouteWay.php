<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteWay
{
    public function __construct(
        public string $tool,
        public string $words,
        public int $setUp,
        public int $labour,
        public ?string $station,
        public string $risk,
    ) {
    }
}
