<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class MeasuredRow
{
    public function __construct(
        public int $id,
        public string $part,
        public string $name,
        public string $value,
        public string $drawn,
        public string $instrument,
        public string $by,
        public string $at,
        public bool $counts,
    ) {
    }
}
