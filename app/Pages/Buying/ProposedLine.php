<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** Something that is proposed to be ordered. */
final readonly class ProposedLine
{
    /**
     * @param  int|null  $line  of a kit; null: for stock
     * @param  string  $for  `No. 39, …` or what is left in stock
     * @param  string|null  $orderBy  the last day
     * @param  bool  $late  whether nine of ten times it comes too late even if it is ordered today
     * @param  string  $others  what other suppliers ask
     */
    public function __construct(
        public string $key,
        public ?int $line,
        public int $version,
        public ?int $part,
        public string $name,
        public string $number,
        public float $quantity,
        public string $unit,
        public string $for,
        public ?int $build,
        public ?string $neededOn,
        public ?string $orderBy,
        public bool $late,
        public string $cost,
        public string $others,
    ) {
    }
}
