<?php

declare(strict_types=1);

namespace App\Pages\Plan;

final readonly class CalendarPerson
{
    /**
     * @param  array<int, string>  $week
     * @param  array<string, DayMinutes>  $minutes
     * @param  list<Removable>  $away
     * @param  list<Removable>  $longer
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $week,
        public array $minutes,
        public array $away,
        public array $longer,
    ) {
    }
}
