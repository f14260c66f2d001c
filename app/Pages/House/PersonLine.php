<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Dict;
use App\Pages\Plan\ClosedDayLine;

final readonly class PersonLine
{
    /**
     * @param  list<string>  $skills
     * @param  Dict<int>  $speeds
     * @param  array<int, string>  $hours
     * @param  list<ClosedDayLine>  $daysOff
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $email,
        public array $skills,
        public Dict $speeds,
        public bool $active,
        public int $version,
        public string $role,
        public bool $signsIn,
        public bool $hasSecond,
        public string $rate,
        public bool $ownHours,
        public array $hours,
        public int $minutesAWeek,
        public array $daysOff,
    ) {
    }
}
