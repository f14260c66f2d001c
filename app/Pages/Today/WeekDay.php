<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class WeekDay
{
    /**
     * @param  list<array{int, int}>  $hours
     * @param  list<WeekAway>  $away
     * @param  list<WeekItem>  $items
     */
    public function __construct(
        public array $hours,
        public array $away,
        public array $items,
    ) {
    }
}
