<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class PersonMoved
{
    public function __construct(
        public string $person,
        public int $operations,
    ) {
    }
}
