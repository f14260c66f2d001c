<?php

declare(strict_types=1);

namespace App\Pages\Account;

final readonly class SignInLine
{
    public function __construct(
        public int $id,
        public string $device,
        public string $place,
        public string $began,
        public string $seen,
        public bool $isThis,
    ) {
    }
}
