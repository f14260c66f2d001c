<?php

declare(strict_types=1);

namespace App\Pages\Stores;

final readonly class BoardReadingLine
{
    public function __construct(
        public int $id,
        public string $at,
        public string $by,
        public string $moisture,
        public string $weight,
    ) {
    }
}
