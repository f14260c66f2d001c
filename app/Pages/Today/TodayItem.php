<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Regimen\Route\OperationState;

final readonly class TodayItem
{
    public function __construct(
        public int $operationId,
        public int $build,
        public string $name,
        public OperationState $state,
        public string $from,
        public string $to,
        public bool $goesOn,
        public ?string $gate,
        public ?string $because,
        public ?string $hold,
        public ?string $helps,
        public ?string $helped,
        public ?string $holdUntil,
    ) {
    }
}
