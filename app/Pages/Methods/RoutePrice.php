<?php

declare(strict_types=1);

namespace App\Pages\Methods;

final readonly class RoutePrice
{
    public function __construct(
        public string $words,
        public ?string $problem,
        public string $order,
    ) {
    }
}
