<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class DaysSpent
{
    public function __construct(
        public float $labour,
        public float $holds,
        public float $parts,
        public float $closed,
    ) {
    }
}
