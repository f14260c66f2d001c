<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Build;
use App\Models\Operation;
use App\Models\PlanEntry;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Objective;
use Regimen\Schedule\Priority;
use Regimen\Schedule\Problem;

/**
 * In which order the shop is planned: as it was taken from a better plan, by urgency where nothing was, a build that was
 * pushed ahead or back by so many days. The same shop gives the same plan, whatever was planned before.
 */
final class PlanOrder
{
    private const DAY = 1_440;

    public function planned(Problem $problem): Planned
    {
        return new Planned($problem, Builder::byKeys($problem, $this->keys($problem)));
    }

    /** @return array<string, int> by activity */
    public function keys(Problem $problem): array
    {
        $keys = Priority::keys($problem);
        foreach (Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id') as $id => $key) {
            if (isset($keys["o{$id}"])) {
                $keys["o{$id}"] = (int) $key;
            }
        }
        $pushed = Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'id');
        foreach ($pushed->isEmpty() ? [] : $problem->activities as $id => $activity) {
            $keys[$id] -= self::DAY * (int) $pushed->get((int) substr($activity->build, 1), 0);
        }

        return $keys;
    }

    /** What moves near today counts against a plan. */
    public function objective(): Objective
    {
        return new Objective($this->starts());
    }

    /** @param  array<string, int>  $keys  with what was pushed in them, which then counts no more */
    public function keep(array $keys): void
    {
        foreach ($keys as $activity => $key) {
            Operation::query()->where('id', (int) substr($activity, 1))->update(['plan_key' => $key]);
        }
        Build::query()->open()->where('push_days', '!=', 0)->update(['push_days' => 0]);
    }

    /** @return array<string, int> by activity, as the plan in force has them */
    private function starts(): array
    {
        $starts = [];
        foreach (PlanEntry::query()->whereNotNull('start')->toBase()->pluck('start', 'operation_id') as $id => $start) {
            $starts["o{$id}"] = intdiv((int) strtotime("{$start} UTC"), 60);
        }

        return $starts;
    }
}
