<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** By when a coat has to be on for the one under it, and what sanding costs where it is not. */
final readonly class Windows
{
    public function __construct(private Tables $tables)
    {
    }

    /** @return list<int> the windows that have closed before it begins */
    public function missed(State $state, int $index, int $start): array
    {
        $missed = [];
        foreach ($this->tables->activities[$index]->windows as $at => $window) {
            $coat = $window->after === null ? null : ($this->tables->index[$window->after] ?? -1);
            $closes = match (true) {
                $coat === null => $window->minutes,
                isset($state->workEnd[$coat]) => $state->workEnd[$coat] + $window->minutes,
                default => PHP_INT_MAX,
            };
            if ($start > $closes) {
                $missed[] = $at;
            }
        }

        return $missed;
    }

    /** @param  list<int>  $missed */
    public function sanding(int $index, array $missed): int
    {
        $sanding = 0;
        foreach ($missed as $at) {
            $sanding += $this->tables->activities[$index]->windows[$at]->sanding;
        }

        return $sanding;
    }
}
