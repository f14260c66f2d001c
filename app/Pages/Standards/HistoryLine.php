<?php

declare(strict_types=1);

namespace App\Pages\Standards;

final readonly class HistoryLine
{
    public function __construct(
        public int $version,
        public string $at,
        public ?string $by,
        public string $source,
        public string $words,
    ) {
    }
}
