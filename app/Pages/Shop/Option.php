<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** One of several to choose from. */
final readonly class Option
{
    public function __construct(
        public string $value,
        public string $words,
    ) {
    }
}
