<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** The result of planning: an assignment for every activity that can be planned, and why for those that cannot. */
final readonly class Plan
{
    /**
     * @param  array<string, Assignment>  $assignments  by activity
     * @param  array<string, Unplanned>  $unplanned  by activity
     */
    public function __construct(public array $assignments, public array $unplanned)
    {
    }

    /** When the last activity of a build is over; null if one of them is unplanned or the build has none. */
    public function finishOf(string $build, Problem $problem): ?int
    {
        $finish = null;
        foreach ($problem->activities as $id => $activity) {
            if ($activity->build !== $build) {
                continue;
            }
            if (! isset($this->assignments[$id])) {
                return null;
            }
            $finish = max($finish ?? 0, $this->assignments[$id]->finish);
        }

        return $finish;
    }
}
