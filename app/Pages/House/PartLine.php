<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class PartLine
{
    /**
     * @param  int  $usualDays  from an order to its arrival, as learned
     * @param  string|null  $orderBy  the last day on which it is ordered so that nine of ten times it is there when it is needed
     * @param  string  $likely  when it is likely now, where it is overdue; else until when nine of ten such orders have come
     */
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
        public int $usualDays,
        public string $likely,
        public ?string $orderBy,
    ) {
    }
}
