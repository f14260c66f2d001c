<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteTotals
{
    public function __construct(
        public int $operations,
        public string $work,
        public string $labour,
        public string $setUp,
        public ?float $days,
        public ?DaysSpent $spent,
    ) {
    }
}
