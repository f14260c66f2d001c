<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class RevisionLine
{
    public function __construct(
        public int $number,
        public string $at,
        public ?string $by,
        public ?string $released,
    ) {
    }
}
