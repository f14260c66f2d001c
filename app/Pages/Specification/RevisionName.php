<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class RevisionName
{
    public function __construct(
        public int $number,
        public bool $released,
    ) {
    }
}
