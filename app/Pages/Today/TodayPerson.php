<?php

declare(strict_types=1);

namespace App\Pages\Today;

final readonly class TodayPerson
{
    /**
     * @param  list<string>  $skills
     * @param  list<array{int, int}>  $hours
     * @param  list<TodayItem>  $items
     * @param  list<AwayPart>  $away
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $skills,
        public array $hours,
        public int $minutes,
        public int $plannedMinutes,
        public array $items,
        public array $away,
    ) {
    }
}
