<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Build;
use App\Models\Person;
use App\Models\PlanOffer;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Improved;
use Regimen\Schedule\Improver;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Solver\Budget;

/** Looks longer for a better plan and offers it, with what it gains and what it would move; it is taken by somebody or left. */
final readonly class BetterPlan
{
    private const SCHEDULES = 150;

    private const MOVES_WITHIN = 10_080;

    public function __construct(private House $house, private ShopProblem $problem, private PlanOrder $order, private Clock $clock)
    {
    }

    /** @return PlanOffer|null nothing if nothing better was found */
    public function look(): ?PlanOffer
    {
        $problem = $this->problem->assemble();
        $improved = Improver::improve($problem, new Budget(self::SCHEDULES), 1, $this->order->objective(), $this->order->keys($problem));

        return DB::transaction(function () use ($problem, $improved): ?PlanOffer {
            PlanOffer::query()->where('state', 'open')->update(['state' => 'overtaken']);
            $gains = $improved->bestCost < $improved->firstCost ? $this->gains($problem, $improved) : [];

            // What moves no build's day is not worth a decision.
            return $gains === [] ? null : PlanOffer::query()->create([
                'at' => $this->clock->now(), 'keys' => $improved->keys, 'gains' => $gains, 'moves' => $this->moves($problem, $improved), 'schedules' => $improved->schedules,
            ]);
        });
    }

    /** Whether an offer is still better than the plan as it would be made now. */
    public function isStillBetter(PlanOffer $offer): bool
    {
        $problem = $this->problem->assemble();
        $keys = $this->order->keys($problem);
        $objective = $this->order->objective();
        $cost = static fn (array $by): int => $objective->cost($problem, Builder::byKeys($problem, $by));

        return $cost([...$keys, ...array_intersect_key($offer->keys, $keys)]) < $cost($keys);
    }

    /** @return list<array{number: int, title: string, before: string|null, after: string|null}> builds whose finish changes */
    private function gains(Problem $problem, Improved $improved): array
    {
        $gains = [];
        $day = fn (?int $finish): ?string => $finish === null ? null : Minutes::toInstant($finish)->setTimezone($this->house->zone())->toDateString();
        foreach (Build::query()->open()->orderBy('number')->get() as $build) {
            $before = $day($improved->first->finishOf("b{$build->id}", $problem));
            $after = $day($improved->best->finishOf("b{$build->id}", $problem));
            if ($before !== $after) {
                $gains[] = ['number' => $build->number, 'title' => $build->title, 'before' => $before, 'after' => $after];
            }
        }

        return $gains;
    }

    /** @return list<array{person: string, operations: int}> whose coming week would be another */
    private function moves(Problem $problem, Improved $improved): array
    {
        $moved = [];
        foreach ($improved->best->assignments as $id => $one) {
            $was = $improved->first->assignments[$id] ?? null;
            $isNear = min($one->start, $was->start ?? $one->start) < $problem->now + self::MOVES_WITHIN;
            if ($was !== null && $one->worker !== null && $isNear && ($was->start !== $one->start || $was->worker !== $one->worker)) {
                $moved[$one->worker] = ($moved[$one->worker] ?? 0) + 1;
            }
        }
        $names = Person::query()->pluck('name', 'id');

        return array_map(static fn (int $person, int $count): array => ['person' => (string) $names->get($person), 'operations' => $count], array_keys($moved), $moved);
    }
}
