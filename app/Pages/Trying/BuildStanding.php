<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class BuildStanding
{
    public function __construct(
        public ?string $finish,
        public ?string $promise,
        public string $slack,
        public bool $late,
    ) {
    }
}
