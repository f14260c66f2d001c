<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Plan\Plan as PlanModel;
use App\Models\Plan\PlanEntry;
use App\Support\Minutes;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\BuildId;

/** What stands when the shop is planned, as it is kept: read once for every plan. */
final readonly class Standings
{
    /**
     * @param  bool  $announces  whether anybody was told the plan in force; where years are played, nobody was
     * @param  int|null  $schedules  that are made for a plan; the usual number if none is given
     */
    public function __construct(private bool $announces = true, private ?int $schedules = null)
    {
    }

    public function read(): Standing
    {
        if (! $this->announces) {
            return (new Standing([], self::pushed()))->trying(1);
        }
        $asked = PlanModel::query()->latest('id')->value('asked');

        return new Standing(self::announced(), self::pushed(), $this->schedules, asked: is_string($asked) ? $asked : '');
    }

    /** @return array<int, Announced> */
    private static function announced(): array
    {
        $announced = [];
        $columns = ['operation_id', 'person_id', 'start', 'work_end', 'position', 'is_chosen', 'announced_start'];
        foreach (PlanEntry::query()->whereNotNull('start')->toBase()->get($columns) as $entry) {
            $announced[ActivityId::operation((int) $entry->operation_id)->number] = new Announced(
                $entry->person_id === null ? null : (int) $entry->person_id,
                self::minutes((string) $entry->start),
                position: $entry->position === null ? null : (int) $entry->position,
                isChosen: (bool) $entry->is_chosen,
                announcedStart: $entry->announced_start === null ? null : self::minutes((string) $entry->announced_start),
                end: self::minutes((string) $entry->work_end),
            );
        }

        return $announced;
    }

    private static function minutes(string $instant): int
    {
        return Minutes::ofColumn($instant);
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
