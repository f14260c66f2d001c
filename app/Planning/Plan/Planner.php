<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\Plan as PlanModel;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlannedFinish;
use App\Planning\House\House;
use App\Planning\Problem\Air;
use App\Planning\Problem\AwayWork;
use App\Planning\Problem\LeadTimes;
use App\Planning\Problem\PaymentWaits;
use App\Planning\Problem\ShopProblem;
use App\Planning\Problem\TimberWaits;
use App\Planning\Route\RecoatWindows;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\SearchTime;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\Announced;
use Regimen\Schedule\Problem\BuildId;

/** Plans the whole shop and keeps the plan: whole, in one transaction, or not at all. */
final readonly class Planner
{
    private const LEFT_ALONE_MINUTES = 10;

    public function __construct(
        private House $house,
        private Air $air,
        private LeadTimes $leads,
        private TimberWaits $timber, private PaymentWaits $payments, private AwayWork $away,
        private ShopProblem $problem,
        private Standings $standings,
        private RecoatWindows $windows,
        private PlanEntries $entries,
        private Clock $clock,
    ) {
    }

    /** Makes and keeps a plan at once. */
    public function replan(string $cause): Plan
    {
        return DB::transaction(function () use ($cause): Plan {
            $this->closeWindows();
            $planned = $this->compute();
            $this->store($planned, $cause);

            return $planned->plan;
        });
    }

    /** @param  string  $cause  what made it necessary, for the plan's history */
    public function store(Planned $planned, string $cause): PlanModel
    {
        return DB::transaction(function () use ($planned, $cause): PlanModel {
            $kept = PlanModel::query()->create(
                [
                    'made_at' => $this->clock->now(), 'cause' => $cause, 'cost' => $planned->cost(),
                    'asked' => $planned->asked,
                ],
            );
            $this->entries->store($planned);
            $this->storeFinishes($planned, $kept->id);
            $this->keepBaselines();

            return $kept;
        });
    }

    /** Where a recoat window was missed, sanding is put on the route before anything is planned. */
    public function closeWindows(): void
    {
        $this->windows->close();
    }

    /**
     * The plan as it would be made now: the shop is read once, and nothing is kept.
     *
     * @param  array<string, Announced>|null  $announced
     */
    public function compute(?array $announced = null): Planned
    {
        $this->forget();
        $standing = $this->standings->read();

        $order = new PlanOrder($this->problem->assemble(), $announced === null ? $standing : $standing->takenBackTo($announced));

        return SearchTime::of($order->planned(...));
    }

    /** The plan that everybody works by, with the shop as it stands. */
    public function inForce(): Planned
    {
        $this->forget();
        $problem = $this->problem->assemble();

        return new Planned($problem, $this->entries->read($problem));
    }

    private function forget(): void
    {
        $this->house->forget();
        $this->air->forget();
        $this->leads->forget();
        $this->timber->forget();
        $this->payments->forget();
        $this->away->forget();
    }

    /** What was fixed is planned already: the plan stays to the minute, and its history says what happened. */
    public function repeat(string $cause): PlanModel
    {
        return DB::transaction(function () use ($cause): PlanModel {
            $last = PlanModel::query()->latest('id')->first();
            $kept = PlanModel::query()->create(
                [
                    'made_at' => $this->clock->now(), 'cause' => $cause, 'cost' => $last?->cost,
                    'asked' => $last->asked ?? '',
                ],
            );
            $finishes = PlannedFinish::query()->where('plan_id', $last?->id)->get(['build_id', 'finish']);
            PlannedFinish::query()->insert($finishes->map(static fn (PlannedFinish $one): array => [
                'plan_id' => $kept->id, 'build_id' => $one->build_id, 'finish' => $one->getRawOriginal('finish'),
            ])->all());

            return $kept;
        });
    }

    /** Whether something should have begun by now and has not. */
    public function isOvertaken(): bool
    {
        return PlanEntry::query()
            ->where('start', '<', $this->clock->now())
            ->whereRelation('operation', 'state', OperationState::Open->value)
            ->exists();
    }

    /** A plan that was just made is left alone. */
    public function isOldAndOvertaken(): bool
    {
        $made = PlanModel::query()->latest('id')->first();

        return $made !== null
            && $made->made_at <= $this->clock->now()->subMinutes(self::LEFT_ALONE_MINUTES)
            && $this->isOvertaken();
    }

    private function storeFinishes(Planned $planned, int $planId): void
    {
        $rows = [];
        foreach (Build::query()->open()->pluck('id') as $id) {
            $finish = $planned->finish(BuildId::of((int) $id)->number);
            $rows[] = [
                'plan_id' => $planId,
                'build_id' => $id,
                'finish' => $finish === null ? null : Minutes::toInstant($finish)->toDateTimeString(),
            ];
        }
        PlannedFinish::query()->insert($rows);
    }

    /** How a build was planned at first, for what is said about it later. */
    private function keepBaselines(): void
    {
        $entry = static fn (string $column): Builder => PlanEntry::query()
            ->select($column)
            ->whereColumn('operation_id', 'operations.id');
        Operation::query()
            ->whereIn('build_id', Build::query()->open()->whereDoesntHave(
                'operations', static fn (Builder $operation): Builder => $operation->whereNotNull('baseline_end'),
            )->select('id'))
            ->update(['baseline_start' => $entry('start'), 'baseline_end' => $entry('work_end')]);
    }
}
