<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** What to turn, file or move. */
final readonly class SetUpAdviceLine
{
    public function __construct(
        public string $words,
        public bool $possible,
    ) {
    }
}
