<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class MovedOperation
{
    public function __construct(
        public string $words,
        public ?string $from,
        public ?string $to,
    ) {
    }
}
