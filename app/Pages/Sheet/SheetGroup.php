<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class SheetGroup
{
    /**
     * @param  list<SheetLine>  $lines
     */
    public function __construct(
        public string $name,
        public array $lines,
    ) {
    }
}
