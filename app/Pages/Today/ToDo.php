<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** What to do about what is the matter. */
final readonly class ToDo
{
    public function __construct(
        public string $words,
        public string $action,
        public string $address,
    ) {
    }
}
