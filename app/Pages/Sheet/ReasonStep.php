<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class ReasonStep
{
    public function __construct(
        public int $id,
        public int $build,
        public string $name,
        public ?string $start,
        public ?string $finish,
        public string $because,
    ) {
    }
}
