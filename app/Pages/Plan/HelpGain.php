<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class HelpGain
{
    public function __construct(
        public int $number,
        public string $title,
        public string $before,
        public string $after,
        public bool $late,
    ) {
    }
}
