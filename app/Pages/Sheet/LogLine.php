<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class LogLine
{
    public function __construct(
        public int $id,
        public string $at,
        public ?string $by,
        public string $kind,
        public string $text,
    ) {
    }
}
