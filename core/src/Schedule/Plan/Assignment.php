<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Problem\Window;

/** When and by whom an activity is done. Instants in minutes since 1970 UTC. */
final readonly class Assignment
{
    /**
     * @param  int  $start  labour begins
     * @param  int  $workEnd  labour ends and the hold begins
     * @param  int  $finish  the hold is over
     * @param  int  $work  working minutes of the person, at their speed, without a set-up that is shared, with sanding
     * @param  string|null  $sharesSetUpOf  the activity whose set-up is still standing
     * @param  list<Window>  $missed  windows that have closed by the start
     * @param  list<array{int, int}>  $sittings  from and to, where it is begun and taken up again behind something else;
     *   none where it is done in one go
     * @param  int|null  $position  in which order it was planned, from 0
     * @param  bool  $isChosen  whether the person was chosen rather than whoever was done first
     * @param  int|null  $announcedStart  not before this instant, since people had been told so already
     * @param  int|null  $helper  who helps until the end of the labour
     * @param  int|null  $helpsFrom  since when
     * @param  int|null  $runsUntil  until when the machine runs by itself; null where none does
     */
    public function __construct(
        public int|string $activity,
        public int $start,
        public int $workEnd,
        public int $finish,
        public ?int $worker,
        public Reason $reason,
        public int $work = 0,
        public int|string|null $sharesSetUpOf = null,
        public array $missed = [],
        public array $sittings = [],
        public ?int $position = null,
        public bool $isChosen = false,
        public ?int $announcedStart = null,
        public ?int $helper = null,
        public ?int $helpsFrom = null,
        public ?int $runsUntil = null,
    ) {
    }
}
