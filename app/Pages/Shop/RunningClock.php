<?php

declare(strict_types=1);

namespace App\Pages\Shop;

final readonly class RunningClock
{
    public function __construct(
        public int $id,
        public string $person,
        public bool $mine,
        public int $build,
        public string $operation,
        public int $operationId,
        public string $since,
    ) {
    }
}
