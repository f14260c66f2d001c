<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class UndoLine
{
    public function __construct(
        public int $id,
        public string $words,
    ) {
    }
}
