<?php

declare(strict_types=1);

namespace App\Pages\Specification;

final readonly class RevisionHead
{
    public function __construct(
        public int $number,
        public int $version,
        public ?string $released,
        public bool $editable,
        public bool $latest,
    ) {
    }
}
