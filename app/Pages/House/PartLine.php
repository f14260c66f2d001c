<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class PartLine
{
    public function __construct(
        public int $id,
        public int $build,
        public string $title,
        public string $name,
        public float $quantity,
        public string $unit,
        public string $supplier,
        public int $version,
        public int $leadDays,
        public ?string $expectedOn,
        public bool $overdue,
        public ?string $neededOn,
        public ?string $cost,
    ) {
    }
}
