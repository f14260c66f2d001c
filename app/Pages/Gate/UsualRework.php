<?php

declare(strict_types=1);

namespace App\Pages\Gate;

/** What is usually done over. */
final readonly class UsualRework
{
    public function __construct(
        public string $name,
        public string $labour,
        public string $hold,
    ) {
    }
}
