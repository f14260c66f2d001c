<?php

declare(strict_types=1);

namespace App\Queries\Route;

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

    /**
     * @return array{days: float|null, spent: array{labour: float, holds: float, parts: float, closed: float}|null} in
     *   calendar days
     */
    public function of(Draft $draft): array
    {
        try {
            $plan = $this->drafting->alone($draft);
        } catch (NoWorkingTime) {
            return ['days' => null, 'spent' => null];
        }
        if ($plan->unplanned !== [] || $plan->assignments === []) {
            return ['days' => null, 'spent' => null];
        }
        $finish = max(array_map(static fn (Assignment $one): int => $one->finish, $plan->assignments));
        $days = static fn (int $minutes): float => round($minutes / 1440, 1);
        $spent = WhereDaysGo::sum($plan);

        return [
            'days' => $days($finish - Minutes::of($this->clock->now())),
            'spent' => [
                'labour' => $days($spent['labour']), 'holds' => $days($spent['holds']),
                'parts' => $days($spent['parts']), 'closed' => $days($spent['closed']),
            ],
        ];
    }
}
