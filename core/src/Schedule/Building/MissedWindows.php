<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Window;

/** Recoat windows that have closed before an activity begins. */
final class MissedWindows
{
    /**
     * @param  int  $start  of the activity
     * @param  array<int|string, Assignment>  $assignments  what is planned so far
     * @return list<Window>
     */
    public static function before(Activity $activity, int $start, array $assignments): array
    {
        $missed = [];
        foreach ($activity->windows as $window) {
            if ($start > self::closing($window, $assignments)) {
                $missed[] = $window;
            }
        }

        return $missed;
    }

    /**
     * Minutes of sanding that they cost together.
     *
     * @param  list<Window>  $missed
     */
    public static function sanding(array $missed): int
    {
        return array_sum(array_map(static fn (Window $window): int => $window->sanding, $missed));
    }

    /** @param  array<int|string, Assignment>  $assignments */
    private static function closing(Window $window, array $assignments): int
    {
        if ($window->after === null) {
            return $window->minutes;
        }
        $coat = $assignments[$window->after] ?? null;

        return $coat === null ? PHP_INT_MAX : $coat->workEnd + $window->minutes;
    }
}
