<?php

declare(strict_types=1);

namespace App\Pages\Shop;

final readonly class HoldUnderWay
{
    public function __construct(
        public int $build,
        public string $operation,
        public ?string $fixture,
        public string $until,
    ) {
    }
}
