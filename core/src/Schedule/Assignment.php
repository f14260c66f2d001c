<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** When and by whom an activity is done. Instants in minutes since 1970 UTC. */
final readonly class Assignment
{
    /**
     * @param  int  $start  labour begins
     * @param  int  $workEnd  labour ends and the hold begins
     * @param  int  $finish  the hold is over
     */
    public function __construct(
        public string $activity,
        public int $start,
        public int $workEnd,
        public int $finish,
        public ?int $worker,
        public Reason $reason,
    ) {
    }
}
