<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class LoadRow
{
    /**
     * @param  list<LoadWeek>  $weeks
     * @param  list<string>  $overbooked
     */
    public function __construct(
        public string $kind,
        public string $name,
        public array $weeks,
        public array $overbooked,
    ) {
    }
}
