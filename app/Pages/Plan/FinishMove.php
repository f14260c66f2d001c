<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class FinishMove
{
    public function __construct(
        public string $at,
        public string $cause,
        public ?string $finish,
        public ?int $days,
    ) {
    }
}
