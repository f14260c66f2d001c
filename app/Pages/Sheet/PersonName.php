<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class PersonName
{
    public function __construct(
        public int $id,
        public string $name,
    ) {
    }
}
