<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** What went wrong here before. */
final readonly class WentWrong
{
    public function __construct(
        public int $build,
        public string $words,
        public string $by,
        public string $at,
    ) {
    }
}
