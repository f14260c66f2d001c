<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** What comes back, grouped by one thing. */
final readonly class CauseRow
{
    /**
     * @param  float|null  $perHundred  how often it goes wrong in a hundred times, with what the house knows; null where that is not counted
     * @param  string|null  $money  where the viewer sees money
     */
    public function __construct(
        public string $name,
        public int $count,
        public int $minutes,
        public ?string $money,
        public ?float $perHundred,
        public string $because,
    ) {
    }
}
