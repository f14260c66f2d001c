<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class SheetLine
{
    public function __construct(
        public string $name,
        public string $value,
        public ?string $other,
        public string $source,
    ) {
    }
}
