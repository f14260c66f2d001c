<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** A reason to be called away. */
final readonly class AwayOption
{
    public function __construct(
        public string $value,
        public string $words,
    ) {
    }
}
