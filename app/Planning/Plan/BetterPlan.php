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
use Regimen\Schedule\Policy\LookingLonger;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Problem\BuildId;

/**
 * Looks longer for a better plan and offers it, with what it gains and what it would move; it is taken by somebody or
 * left.
 */
final readonly class BetterPlan
{
    private const MOVES_WITHIN = 10_080;

    public function __construct(
        private House $house,
        private ShopProblem $problem,
        private Standings $standings,
        private Clock $clock,
    ) {
    }

    /** @return PlanOffer|null nothing if nothing better was found */
    public function look(): ?PlanOffer
    {
        $looking = $this->looking();
        $before = $looking->before();
        $after = $looking->better($before);

        return DB::transaction(function () use ($before, $after): ?PlanOffer {
            PlanOffer::query()->where('state', 'open')->update(['state' => 'overtaken']);
            if ($after === null) {
                return null;
            }
            $gains = $this->gains($before, $after);

            // What moves no build's day is not worth a decision.
            return $gains === [] ? null : PlanOffer::query()->create([
                'at' => $this->clock->now(), 'announced' => LookingLonger::announced($after->plan), 'gains' => $gains,
                'moves' => $this->moves($before, $after), 'schedules' => LookingLonger::schedules(),
            ]);
        });
    }

    /** Whether an offer is still better than the plan as it would be made now. */
    public function isStillBetter(PlanOffer $offer): bool
    {
        return $this->looking()->isStillBetter($offer->announced);
    }

    private function looking(): LookingLonger
    {
        return new LookingLonger($this->problem->assemble(), $this->standings->read());
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
            [$was, $is] = array_map(
                static fn (Planned $one): ?string => $day($one->finish(BuildId::of($build->id)->number)),
                [$before, $after],
            );
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
