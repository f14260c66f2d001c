<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\ReasonKind;

/** Follows the reasons of a plan from the finish back to its beginning: what the time between them is spent on. */
final class WhereDaysGo
{
    /**
     * Clock minutes of labour (with the nights inside it), holds, parts that are waited for, and hours in which nobody
     * works.
     *
     * @return array{labour: int, holds: int, parts: int, closed: int}
     */
    public static function sum(Plan $plan): array
    {
        $spent = ['labour' => 0, 'holds' => 0, 'parts' => 0, 'closed' => 0];
        $at = self::last($plan);
        $until = $at->finish ?? 0;
        $seen = [];
        while ($at !== null && ! isset($seen[$at->activity])) {
            $seen[$at->activity] = true;
            $spent['holds'] += max(0, $until - $at->workEnd);
            $spent['labour'] += max(0, min($until, $at->workEnd) - $at->start);
            $reason = $at->reason;
            $before = $plan->assignments[$reason->activity ?? ''] ?? null;
            if ($before === null) {
                break;
            }
            $over = min($at->start, $reason->kind === ReasonKind::Person ? $before->workEnd : $before->finish);
            $spent[$reason->kind === ReasonKind::Lag ? 'parts' : 'closed'] += $at->start - $over;
            $until = $over;
            $at = $before;
        }

        return $spent;
    }

    private static function last(Plan $plan): ?Assignment
    {
        $last = null;
        foreach ($plan->assignments as $assignment) {
            $last = $last === null || $assignment->finish > $last->finish ? $assignment : $last;
        }

        return $last;
    }
}
