<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Build;
use App\Models\Plan as PlanModel;
use App\Models\PlanEntry;
use App\Models\PlannedFinish;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;
use Regimen\Schedule\Assignment;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Plan;
use Regimen\Schedule\Priority;
use Regimen\Schedule\Problem;

/** Plans the whole shop anew and keeps the plan: whole, in one transaction, or not at all. */
final readonly class Planner
{
    private const LEFT_ALONE_MINUTES = 10;

    public function __construct(private House $house, private Air $air, private ShopProblem $problem, private PlanOrder $order, private RecoatWindows $windows, private Clock $clock)
    {
    }

    /** @param  string  $cause  what made it necessary, for the plan's history */
    public function replan(string $cause): Plan
    {
        return DB::transaction(function () use ($cause): Plan {
            $this->house->forget();
            $this->air->forget();
            $this->windows->close();
            $problem = $this->problem->assemble();
            $plan = Builder::plan($problem, Priority::sorted($problem, $this->order->keys($problem)));
            $kept = PlanModel::query()->create(['made_at' => $this->clock->now(), 'cause' => $cause]);
            $this->store($problem, $plan);
            $this->storeFinishes($problem, $plan, $kept->id);

            return $plan;
        });
    }

    /** Plans anew when something should have begun by now and has not; a plan that was just made is left alone. */
    public function replanIfOvertaken(): void
    {
        $now = $this->clock->now();
        $made = PlanModel::query()->latest('id')->first();
        if ($made === null || $made->made_at > $now->subMinutes(self::LEFT_ALONE_MINUTES)) {
            return;
        }
        $overtaken = PlanEntry::query()->where('start', '<', $now)->whereRelation('operation', 'state', OperationState::Open->value)->exists();
        if ($overtaken) {
            $this->replan('time has gone on');
        }
    }

    private function store(Problem $problem, Plan $plan): void
    {
        $rows = [];
        foreach ($problem->activities as $id => $activity) {
            $assignment = $plan->assignments[$id] ?? null;
            $rows[] = [
                'operation_id' => (int) substr($activity->id, 1),
                'build_id' => (int) substr($activity->build, 1),
                ...$assignment === null ? self::unplanned($plan->unplanned[$id]->why) : $this->planned($assignment),
            ];
        }
        PlanEntry::query()->delete();
        foreach (array_chunk($rows, 80) as $chunk) {
            PlanEntry::query()->insert($chunk);
        }
    }

    /** @return array<string, mixed> */
    private static function unplanned(string $why): array
    {
        return ['person_id' => null, 'start' => null, 'work_end' => null, 'finish' => null, 'reason_kind' => 'unplanned', 'reason_operation_id' => null, 'reason_resource' => null, 'reason_text' => $why];
    }

    /** @return array<string, mixed> */
    private function planned(Assignment $assignment): array
    {
        $reason = $assignment->reason;

        return [
            'person_id' => $assignment->worker,
            'start' => Minutes::toInstant($assignment->start)->toDateTimeString(),
            'work_end' => Minutes::toInstant($assignment->workEnd)->toDateTimeString(),
            'finish' => Minutes::toInstant($assignment->finish)->toDateTimeString(),
            'reason_kind' => $reason->kind->value,
            'reason_operation_id' => $reason->activity === null ? null : (int) substr($reason->activity, 1),
            'reason_resource' => $reason->resource,
            'reason_text' => $reason->cause ?? '',
        ];
    }

    private function storeFinishes(Problem $problem, Plan $plan, int $planId): void
    {
        $rows = [];
        foreach (Build::query()->open()->pluck('id') as $id) {
            $finish = $plan->finishOf("b{$id}", $problem);
            $rows[] = ['plan_id' => $planId, 'build_id' => $id, 'finish' => $finish === null ? null : Minutes::toInstant($finish)->toDateTimeString()];
        }
        PlannedFinish::query()->insert($rows);
    }
}
