<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** Somebody who opens the shared tablet by a code. */
final readonly class BenchName
{
    public function __construct(
        public int $id,
        public string $name,
    ) {
    }
}
