<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

/** What is to be done next with a build. */
final readonly class NextStep
{
    public function __construct(
        public string $words,
        public string $action,
        public string $address,
    ) {
    }
}
