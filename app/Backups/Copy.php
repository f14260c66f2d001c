<?php

declare(strict_types=1);

namespace App\Backups;

use Carbon\CarbonImmutable;

final readonly class Copy
{
    public function __construct(
        public string $file,
        public CarbonImmutable $at,
        public int $bytes,
        public bool $isSealed,
    ) {
    }
}
