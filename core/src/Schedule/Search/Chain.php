<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Problem\Problem;

/** The chain of reasons back from the finish of a build. */
final class Chain
{
    /** @return array<int|string, int|string> the last activity of each build, by build */
    public static function ends(Problem $problem, Plan $plan): array
    {
        $last = [];
        foreach ($plan->assignments as $id => $assignment) {
            $build = $problem->activities[$id]->build;
            if (! isset($last[$build]) || $assignment->finish > $plan->assignments[$last[$build]]->finish) {
                $last[$build] = $id;
            }
        }

        return $last;
    }

    /**
     * What waits, on the way to an activity, for a person or a resource that another one has.
     *
     * @return list<array{int|string, int|string}>
     */
    public static function waits(Problem $problem, Plan $plan, int|string|null $at): array
    {
        $waits = $seen = [];
        while ($at !== null && isset($plan->assignments[$at]) && ! isset($seen[$at])) {
            $seen[$at] = true;
            $reason = $plan->assignments[$at]->reason;
            $other = $reason->activity;
            $isTaken = $reason->kind === ReasonKind::Person || $reason->kind === ReasonKind::Resource;
            $holder = $other === null || $other === $at ? null : ($problem->activities[$other] ?? null);
            if ($isTaken && $holder !== null && ! $holder->isUnderWay()) {
                $waits[] = [$at, $holder->id];
            }
            $at = $other;
        }

        return $waits;
    }
}
