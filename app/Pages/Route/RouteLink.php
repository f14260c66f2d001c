<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteLink
{
    public function __construct(
        public string $key,
        public string $name,
        public string $reason,
        public string $spoils,
        public string $rule,
        public ?string $window,
    ) {
    }
}
