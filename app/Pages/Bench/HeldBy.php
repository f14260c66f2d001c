<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** Who read it, with what. */
final readonly class HeldBy
{
    public function __construct(
        public string $who,
        public int $count,
        public string $words,
    ) {
    }
}
