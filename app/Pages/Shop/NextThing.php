<?php

declare(strict_types=1);

namespace App\Pages\Shop;

final readonly class NextThing
{
    public function __construct(
        public int $build,
        public string $operation,
        public int $operationId,
        public int $version,
        public string $start,
    ) {
    }
}
