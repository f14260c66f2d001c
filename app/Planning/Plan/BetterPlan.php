<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Planning\House\House;
use App\Planning\Problem\ShopProblem;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;

/**
 * Looks longer for a better plan and offers it, with what it gains and what it would move; it is taken by somebody or
 * left.
 */
final readonly class BetterPlan
{
    /** Plans that are tried, with what is near today kept and with all of it free. */
    private const SCHEDULES = 100;

    private const MOVES_WITHIN = 10_080;

    public function __construct(
        private House $house,
        private ShopProblem $problem,
        private PlanOrder $order,
        private Clock $clock,
    ) {
    }

    /** @return PlanOffer|null nothing if nothing better was found */
    public function look(): ?PlanOffer
    {
        $problem = $this->problem->assemble();
        $before = $this->order->planned($problem);
        $keys = $this->keys($problem, $before);
        $after = $keys === null ? $before : $this->order->planned($problem, $keys);

        return DB::transaction(function () use ($before, $after, $keys): ?PlanOffer {
            PlanOffer::query()->where('state', 'open')->update(['state' => 'overtaken']);
            $gains = $this->cost($after) < $this->cost($before) ? $this->gains($before, $after) : [];

            // What moves no build's day is not worth a decision.
            return $gains === [] ? null : PlanOffer::query()->create([
                'at' => $this->clock->now(), 'keys' => $keys, 'gains' => $gains,
                'moves' => $this->moves($before, $after), 'schedules' => 2 * self::SCHEDULES,
            ]);
        });
    }

    /** Whether an offer is still better than the plan as it would be made now. */
    public function isStillBetter(PlanOffer $offer): bool
    {
        $problem = $this->problem->assemble();
        $keys = $this->order->keys($problem);

        return $this->cost(
            $this->order->planned($problem, [...$keys, ...array_intersect_key($offer->keys, $keys)]),
        ) < $this->cost($this->order->planned($problem, $keys));
    }

    /** @return array<string, int>|null the order that leads to the best plan found */
    private function keys(Problem $problem, Planned $before): ?array
    {
        $best = null;
        $cost = $this->cost($before);
        foreach ([$before->problem, $problem] as $searched) {
            $improved = Improver::improve(
                $searched, new Budget(self::SCHEDULES), 1, $this->order->objective(), $this->order->keys($problem),
            );
            $found = $this->cost($this->order->planned($problem, $improved->keys));
            if ($found < $cost) {
                [$best, $cost] = [$improved->keys, $found];
            }
        }

        return $best;
    }

    private function cost(Planned $planned): int
    {
        return $this->order->objective()->cost($planned->problem, $planned->plan);
    }

    /**
     * @return list<array{number: int, title: string, before: string|null, after: string|null}> builds whose finish
     *   changes
     */
    private function gains(Planned $before, Planned $after): array
    {
        $gains = [];
        $day = fn (?int $finish): ?string => $finish === null
            ? null
            : Minutes::toInstant($finish)->setTimezone($this->house->zone())->toDateString();
        foreach (Build::query()->open()->orderBy('number')->get() as $build) {
            [$was, $is] = [$day($before->finish($build->id)), $day($after->finish($build->id))];
            if ($was !== $is) {
                $gains[] = ['number' => $build->number, 'title' => $build->title, 'before' => $was, 'after' => $is];
            }
        }

        return $gains;
    }

    /** @return list<array{person: string, operations: int}> whose coming week would be another */
    private function moves(Planned $before, Planned $after): array
    {
        $moved = [];
        foreach ($after->plan->assignments as $id => $one) {
            $was = $before->plan->assignments[$id] ?? null;
            $isNear = min($one->start, $was->start ?? $one->start) < $before->problem->now + self::MOVES_WITHIN;
            if (
                $was !== null
                && $one->worker !== null
                && $isNear
                && ($was->start !== $one->start || $was->worker !== $one->worker)
            ) {
                $moved[$one->worker] = ($moved[$one->worker] ?? 0) + 1;
            }
        }
        $names = Person::query()->pluck('name', 'id');

        return array_map(
            static fn (int $person, int $count): array => [
                'person' => (string) $names->get($person), 'operations' => $count,
            ],
            array_keys($moved),
            $moved,
        );
    }
}
