<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class PriceLine
{
    /** @param  list<string>  $history  what it cost before, the latest change first */
    public function __construct(
        public int $id,
        public string $name,
        public string $unit,
        public int $lead_days,
        public string $supplier,
        public int $version,
        public string $cost,
        public array $history,
    ) {
    }
}
