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
    ) {
    }
}
