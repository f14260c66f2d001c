<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class FinishMoved
{
    public function __construct(
        public int $number,
        public string $title,
        public ?string $before,
        public ?string $after,
    ) {
    }
}
