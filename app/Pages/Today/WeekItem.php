<?php

declare(strict_types=1);

namespace App\Pages\Today;

use Regimen\Route\OperationState;

final readonly class WeekItem
{
    public function __construct(
        public int $id,
        public int $build,
        public string $name,
        public OperationState $state,
        public string $from,
        public string $to,
        public bool $goesOn,
        public bool $helps,
        public ?string $hold,
        public ?string $needs,
    ) {
    }
}
