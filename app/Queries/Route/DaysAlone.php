<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Pages\Route\DaysSpent;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Support\Clock;
use App\Support\Minutes;
use Regimen\Forecast\WhereDaysGo;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Time\NoWorkingTime;

/** How long a build would take if it were alone in the shop, and where those days go. */
final readonly class DaysAlone
{
    public function __construct(private Drafting $drafting, private Clock $clock)
    {
    }

    public function of(Draft $draft): Alone
    {
        try {
            $plan = $this->drafting->alone($draft);
        } catch (NoWorkingTime) {
            return new Alone(null, null);
        }
        if ($plan->unplanned !== [] || $plan->assignments === []) {
            return new Alone(null, null);
        }
        $finish = max(array_map(static fn (Assignment $one): int => $one->finish, $plan->assignments));
        $days = static fn (int $minutes): float => round($minutes / 1440, 1);
        $spent = WhereDaysGo::sum($plan);

        return new Alone($days($finish - Minutes::of($this->clock->now())), new DaysSpent(
            labour: $days($spent['labour']),
            holds: $days($spent['holds']),
            parts: $days($spent['parts']),
            closed: $days($spent['closed']),
        ));
    }
}
