<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\BuildId;

/** What stands when the shop is planned, as it is kept: read once for every plan. */
final readonly class Standings
{
    /** @param  bool  $announces  whether anybody was told the plan in force; where years are played, nobody was */
    public function __construct(private bool $announces = true)
    {
    }

    public function read(): Standing
    {
        return new Standing($this->announces ? self::announced() : [], self::keys(), self::pushed());
    }

    /** @return array<int, Announced> */
    private static function announced(): array
    {
        $announced = [];
        $columns = ['operation_id', 'person_id', 'start'];
        foreach (PlanEntry::query()->whereNotNull('start')->toBase()->get($columns) as $entry) {
            $person = $entry->person_id === null ? null : (int) $entry->person_id;
            $start = intdiv((int) strtotime("{$entry->start} UTC"), 60);
            $announced[ActivityId::operation((int) $entry->operation_id)->number] = new Announced($person, $start);
        }

        return $announced;
    }

    /** @return array<int, int> */
    private static function keys(): array
    {
        $keys = [];
        foreach (Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id') as $id => $key) {
            $keys[ActivityId::operation((int) $id)->number] = (int) $key;
        }

        return $keys;
    }

    /** @return array<int, int> */
    private static function pushed(): array
    {
        $pushed = [];
        foreach (Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'id') as $id => $days) {
            $pushed[BuildId::of((int) $id)->number] = (int) $days;
        }

        return $pushed;
    }
}
