<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanTrouble;
use App\Support\Minutes;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Plan\Reason;
use Regimen\Schedule\Plan\ReasonKind;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Plan\Unplanned;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;
use stdClass;

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

    /** What was stored, of a shop that is as it was then; what has come in since is not planned yet. */
    public function read(Problem $problem): Plan
    {
        $assignments = $unplanned = [];
        $rows = PlanEntry::query()->toBase()->get()->keyBy('operation_id');
        foreach ($problem->activities as $id => $activity) {
            $row = $rows[ActivityId::operationOf($activity->id)] ?? null;
            if ($row?->start === null) {
                $unplanned[$id] = new Unplanned($activity->id, $row->reason_text ?? 'It is not planned yet.');
            } else {
                $assignments[$id] = self::assignment($activity, $row, []);
            }
        }
        // Which windows have closed follows from when the coat before is over.
        foreach ($assignments as $id => $one) {
            $missed = array_values(array_filter(
                $problem->activities[$id]->windows,
                static fn (Window $window): bool => $one->start > match (true) {
                    $window->after === null => $window->minutes,
                    isset($assignments[$window->after]) => $assignments[$window->after]->workEnd + $window->minutes,
                    default => PHP_INT_MAX,
                },
            ));
            $row = $rows[ActivityId::operationOf($id)] ?? null;
            if ($missed !== [] && $row !== null) {
                $assignments[$id] = self::assignment($problem->activities[$id], $row, $missed);
            }
        }

        return new Plan($assignments, $unplanned);
    }

    /** @param  list<Window>  $missed */
    private static function assignment(Activity $activity, stdClass $row, array $missed): Assignment
    {
        $minutes = static fn (?string $instant): ?int => $instant === null ? null : Minutes::ofColumn($instant);
        $number = static fn (?int $operation): ?int => $operation === null ? null : ActivityId::operation($operation)->number;

        return new Assignment(
            $activity->id, (int) $minutes($row->start), (int) $minutes($row->work_end), (int) $minutes($row->finish), $row->person_id,
            Reason::kept(ReasonKind::from($row->reason_kind), $number($row->reason_operation_id), $row->reason_resource, $row->reason_text === '' ? null : $row->reason_text),
            $row->work_minutes, $number($row->shares_id), $missed, json_decode((string) $row->sittings, true, 4, JSON_THROW_ON_ERROR),
            $row->position, (bool) $row->is_chosen, $minutes($row->announced_start), $row->helper_id, $minutes($row->helps_from), $minutes($row->runs_until),
        );
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
