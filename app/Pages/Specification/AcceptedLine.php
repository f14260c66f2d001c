<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class AcceptedLine
{
    public function __construct(
        public string $title,
        public string $figures,
        public string $reason,
        public string $by,
        public string $at,
        public int $revision,
    ) {
    }
}
