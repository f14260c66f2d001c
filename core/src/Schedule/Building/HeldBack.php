<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Time\Grid;

/** What has to wait so that a recoat window behind it keeps. */
final class HeldBack
{
    /**
     * Until when activities would have to be held back for the windows behind them to keep.
     *
     * @return array<int, int> by activity; without those that have begun or were announced
     */
    public static function forWindows(Tables $tables, State $state): array
    {
        $instants = $open = [];
        foreach ($state->missed as $index => $missed) {
            $windows = $tables->activities[$index]->windows;
            $open[] = [$state->start[$index], array_map(static fn (int $at) => $windows[$at], $missed)];
        }
        while ($open !== []) {
            [$start, $windows] = array_pop($open);
            foreach ($windows as $window) {
                $coat = $window->after === null ? null : ($tables->index[$window->after] ?? null);
                $activity = $coat === null ? null : $tables->activities[$coat];
                if ($activity === null || $activity->isUnderWay() || $activity->announced?->keepsTime === true) {
                    continue;
                }
                $until = Grid::up($start - $window->minutes - $state->work[$coat]);
                if ($until > max($state->start[$coat], $instants[$coat] ?? 0)) {
                    $instants[$coat] = $until;
                    // And the coat under it for that one's window, in turn.
                    $open[] = [$until, $activity->windows];
                }
            }
        }

        return $instants;
    }
}
