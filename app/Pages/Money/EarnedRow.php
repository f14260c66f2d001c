<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** What somebody or something earned. */
final readonly class EarnedRow
{
    /**
     * @param  string  $because  what more there is to say
     * @param  float  $share  of the best an hour, 0 to 1; the length of its bar
     * @param  bool  $isBelow  whether an hour brought less than the shop’s rate
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $because,
        public ?int $build,
        public string $price,
        public string $material,
        public string $outside,
        public string $hours,
        public string $left,
        public string $anHour,
        public float $share,
        public bool $isBelow,
    ) {
    }
}
