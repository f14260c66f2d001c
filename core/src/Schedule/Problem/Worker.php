<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\Grid;

/** A person as the plan sees them: what they can do, how fast, and when they work. */
final readonly class Worker
{
    /**
     * @param  list<string>  $skills
     * @param  array<string, int>  $speeds  by skill in percent of the house standard, 25 to 400; 100 where none is
     *   given
     * @param  int  $gentleUntil  until this instant nothing that cannot be undone is given to them; 0 for no gentle day
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $skills,
        public Calendar $calendar,
        public array $speeds = [],
        public int $gentleUntil = 0,
    ) {
    }

    /** The working minutes this person takes for what is estimated at so many, up to the next mark. */
    public function minutes(?string $skill, int $estimated): int
    {
        $speed = $this->speeds[$skill ?? ''] ?? 100;

        return Grid::up($speed === 100 ? $estimated : intdiv($estimated * 100 + $speed - 1, $speed));
    }
}
