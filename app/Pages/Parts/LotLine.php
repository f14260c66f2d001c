<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** What is left of what came at one price. */
final readonly class LotLine
{
    public function __construct(
        public int $id,
        public float $left,
        public string $arrivedOn,
        public string $supplier,
        public ?string $value,
        public ?string $openedOn,
        public ?string $bestBefore,
        public bool $over,
        public string $wrong,
    ) {
    }
}
