<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class TroubleLine
{
    public function __construct(
        public ?int $build,
        public string $operation,
        public ?int $operationId,
        public string $words,
    ) {
    }
}
