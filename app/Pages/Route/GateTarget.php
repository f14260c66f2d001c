<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class GateTarget
{
    public function __construct(
        public string $what,
        public string $how,
        public string $words,
    ) {
    }
}
