<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Operation;
use Regimen\Schedule\Priority;
use Regimen\Schedule\Problem;

/** In which order the shop is planned: as it was taken from a better plan, and by urgency where nothing was. */
final class PlanOrder
{
    /** @return array<string, int> by activity */
    public function keys(Problem $problem): array
    {
        $keys = Priority::keys($problem);
        foreach (Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id') as $id => $key) {
            if (isset($keys["o{$id}"])) {
                $keys["o{$id}"] = (int) $key;
            }
        }

        return $keys;
    }

    /** @param  array<string, int>  $keys */
    public function keep(array $keys): void
    {
        foreach ($keys as $activity => $key) {
            Operation::query()->where('id', (int) substr($activity, 1))->update(['plan_key' => $key]);
        }
    }
}
