<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanTrouble;
use App\Support\Minutes;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Window;

/**
 * Writes a plan in the place of the one before, whole: every operation with its reason, and what could not be done as
 * asked.
 */
final readonly class PlanEntries
{
    public function store(Planned $planned): void
    {
        [$problem, $plan] = [$planned->problem, $planned->plan];
        $rows = [];
        foreach ($problem->activities as $id => $activity) {
            $assignment = $plan->assignments[$id] ?? null;
            $rows[] = [
                'operation_id' => ActivityId::operationOf($activity->id),
                'build_id' => BuildId::recordOf($activity->build),
                ...$assignment === null ? self::unplanned($plan->unplanned[$id]->why) : self::planned($assignment),
            ];
        }
        PlanEntry::query()->delete();
        foreach (array_chunk($rows, 60) as $chunk) {
            PlanEntry::query()->insert($chunk);
        }
        PlanTrouble::query()->delete();
        foreach (array_chunk($this->troubles($planned), 80) as $chunk) {
            PlanTrouble::query()->insert($chunk);
        }
    }

    /** @return list<array<string, mixed>> */
    private function troubles(Planned $planned): array
    {
        return array_map(static fn (Trouble $trouble): array => [
            'kind' => $trouble->kind,
            'operation_id' => $trouble->activity === null ? null : ActivityId::operationOf($trouble->activity),
            'build_id' => $trouble->build === null ? null : BuildId::recordOf($trouble->build),
            'words' => $trouble->words,
        ], Troubles::find($planned->problem, $planned->plan));
    }

    /** @return array<string, mixed> */
    private static function unplanned(string $why): array
    {
        return [
            'person_id' => null, 'start' => null, 'work_end' => null, 'finish' => null, 'reason_kind' => 'unplanned',
            'reason_operation_id' => null, 'reason_resource' => null, 'reason_text' => $why, 'work_minutes' => 0,
            'sanding_minutes' => 0, 'shares_id' => null, 'position' => null, 'is_chosen' => false, 'announced_start' => null,
            'sittings' => '[]', 'helper_id' => null, 'helps_from' => null, 'runs_until' => null,
        ];
    }

    private static function instant(?int $minutes): ?string
    {
        return $minutes === null ? null : Minutes::toInstant($minutes)->toDateTimeString();
    }

    /** @return array<string, mixed> */
    private static function planned(Assignment $assignment): array
    {
        $reason = $assignment->reason;

        return [
            'person_id' => $assignment->worker,
            'start' => Minutes::toInstant($assignment->start)->toDateTimeString(),
            'work_end' => Minutes::toInstant($assignment->workEnd)->toDateTimeString(),
            'finish' => Minutes::toInstant($assignment->finish)->toDateTimeString(),
            'reason_kind' => $reason->kind->value,
            'reason_operation_id' => $reason->activity === null ? null : ActivityId::operationOf($reason->activity),
            'reason_resource' => $reason->resource,
            'reason_text' => $reason->cause ?? '',
            'work_minutes' => $assignment->work,
            'sanding_minutes' => array_sum(
                array_map(static fn (Window $window): int => $window->sanding, $assignment->missed),
            ),
            'shares_id' => $assignment->sharesSetUpOf === null
                ? null
                : ActivityId::operationOf($assignment->sharesSetUpOf),
            'position' => $assignment->position,
            'is_chosen' => $assignment->isChosen,
            'announced_start' => self::instant($assignment->announcedStart),
            'sittings' => json_encode($assignment->sittings, JSON_THROW_ON_ERROR),
            'helper_id' => $assignment->helper,
            'helps_from' => self::instant($assignment->helpsFrom),
            'runs_until' => self::instant($assignment->runsUntil),
        ];
    }
}
