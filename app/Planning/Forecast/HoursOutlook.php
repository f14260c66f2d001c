<?php

declare(strict_types=1);

namespace App\Planning\Forecast;

use App\Models\Build\Operation;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Forecast\AtCompletion;

/** What hours come to, by what such work has really taken here. */
final readonly class HoursOutlook
{
    public function __construct(private ShopDoubts $doubts, private Clock $clock)
    {
    }

    /** @param  Collection<int, Operation>  $operations  with worked_minutes and runningClocks, without those that mend a setback */
    public function of(Collection $operations, string $model): AtCompletion
    {
        $worked = 0;
        $left = [];
        foreach ($operations as $operation) {
            $own = $operation->minutesWorkedBy($this->clock->now());
            $worked += $own;
            if (! $operation->state->labourIsDone()) {
                $ratio = $this->doubts->ratioOf($operation, $model);
                // What is under way for longer than it should be goes on for a tenth of its plan at the least.
                $left[] = [max(0.1 * $operation->workMinutes(), $operation->workMinutes() - $own / max(0.01, $ratio->median())), $ratio, "{$operation->standard} {$operation->tool}"];
            }
        }
        $all = new AtCompletion($worked);
        foreach ($left as [$minutes, $ratio, $kind]) {
            $all->add($minutes, $ratio, $kind);
        }

        return $all;
    }
}
