<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class Down
{
    public function __construct(
        public string $key,
        public int $from,
        public int $to,
        public string $note,
    ) {
    }
}
