<?php

declare(strict_types=1);

namespace App\Pages\Gate;

/** One reading as it was written down. */
final readonly class GateReading
{
    public function __construct(
        public int $id,
        public string $shown,
        public string $by,
        public string $at,
    ) {
    }
}
