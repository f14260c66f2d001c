<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class FeedLine
{
    public function __construct(
        public int $id,
        public string $of,
        public ?string $address,
        public string $at,
        public ?string $readAt,
    ) {
    }
}
