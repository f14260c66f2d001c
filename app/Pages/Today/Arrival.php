<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class Arrival
{
    /**
     * @param  list<string>  $names
     */
    public function __construct(
        public int $build,
        public array $names,
        public string $expectedOn,
        public bool $late,
    ) {
    }
}
