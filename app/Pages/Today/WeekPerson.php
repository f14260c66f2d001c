<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class WeekPerson
{
    /**
     * @param  array<string, WeekDay>  $days
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $days,
    ) {
    }
}
