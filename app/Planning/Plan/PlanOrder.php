<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Frozen;
use Regimen\Schedule\Problem\Pin;
use Regimen\Schedule\Problem\Problem;

/**
 * In which order the shop is planned: as it was taken from a better plan, by urgency where nothing was, a build that
 * was
 * pushed ahead or back by so many days. What is near today keeps its person and its place in the order where that costs
 * no more than turning it over, with what would move counted: nobody's day is turned over for nothing.
 */
final class PlanOrder
{
    private const DAY = 1_440;

    private const SOON = 20_160;

    /**
     * @param  array<string, array{int|null, int}>|null  $told  who and when, by activity, if it is not the plan in
     *   force that counts as told
     */
    public function __construct(private ?array $told = null)
    {
    }

    /** @param  array<string, int>|null  $keys  the order that is kept if none is given */
    public function planned(Problem $problem, ?array $keys = null): Planned
    {
        $keys ??= $this->keys($problem);
        $anew = new Planned($problem, Builder::byKeys($problem, $keys));
        $told = $this->kept($problem);
        if ($told === []) {
            return $anew;
        }
        $keeping = $this->keeping($problem, $told);
        $kept = new Planned($keeping, Builder::byKeys($keeping, $keys));
        $objective = new Objective(array_map(static fn (array $one): int => $one[1], $told));

        return $objective->cost($keeping, $kept->plan) < $objective->cost($problem, $anew->plan)
            && count($kept->plan->unplanned) <= count($anew->plan->unplanned)
            ? $kept
            : $anew;
    }

    /** @return array<string, int> by activity */
    public function keys(Problem $problem): array
    {
        $keys = Priority::keys($problem);
        foreach (Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id') as $id => $key) {
            if (isset($keys["o{$id}"])) {
                $keys["o{$id}"] = (int) $key;
            }
        }
        $pushed = Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'id');
        foreach ($pushed->isEmpty() ? [] : $problem->activities as $id => $activity) {
            $keys[$id] -= self::DAY * (int) $pushed->get((int) substr($activity->build, 1), 0);
        }

        return $keys;
    }

    /** What moves near today counts against a plan. */
    public function objective(): Objective
    {
        return new Objective(array_map(static fn (array $one): int => $one[1], $this->told()));
    }

    /** @param  array<string, int>  $keys  with what was pushed in them, which then counts no more */
    public function keep(array $keys): void
    {
        foreach ($keys as $activity => $key) {
            Operation::query()->where('id', (int) substr($activity, 1))->update(['plan_key' => $key]);
        }
        Build::query()->open()->where('push_days', '!=', 0)->update(['push_days' => 0]);
    }

    /**
     * Who was told what, and when.
     *
     * @return array<string, array{int|null, int}> person and start, by activity
     */
    public function told(): array
    {
        if ($this->told !== null) {
            return $this->told;
        }
        $told = [];
        foreach (PlanEntry::query()->whereNotNull('start')->toBase()->get(
            ['operation_id', 'person_id', 'start'],
        ) as $entry) {
            $told["o{$entry->operation_id}"] = [
                $entry->person_id === null ? null : (int) $entry->person_id,
                intdiv((int) strtotime("{$entry->start} UTC"), 60),
            ];
        }

        return $told;
    }

    /**
     * What is told for the coming fortnight: so far back what was settled is taken back to the minute.
     *
     * @return array<string, array{int|null, int}>
     */
    public function toldSoon(int $now): array
    {
        return array_filter($this->told(), static fn (array $one): bool => $one[1] < $now + self::SOON);
    }

    /**
     * Plans as if this had been told rather than what is in force: what is taken back is to be as it was.
     *
     * @template T
     *
     * @param  array<string, array{int|null, int}>  $told
     * @param  callable(): T  $work
     * @return T
     */
    public function asTold(array $told, callable $work): mixed
    {
        $this->told = $told;
        try {
            return $work();
        } finally {
            $this->told = null;
        }
    }

    /** @return array<string, array{int|null, int}> what is near today, has not begun, and whose person is there then */
    private function kept(Problem $problem): array
    {
        $calendars = [];
        foreach ($problem->workers as $worker) {
            $calendars[$worker->id] = $worker->calendar;
        }

        return array_filter($this->told(), static function (array $one, string $id) use ($problem, $calendars): bool {
            [$person, $start] = $one;
            $activity = $problem->activities[$id] ?? null;
            $isOpen = $activity !== null && ! $activity->isUnderWay() && $activity->frozen === null
                && self::agrees($activity->pin, $person, $start);

            return $isOpen && $person !== null && isset($calendars[$person]) && $start >= $problem->now
                && $start - $problem->now < Objective::NEAR && $calendars[$person]->between($start, $start + 1) === 1;
        }, ARRAY_FILTER_USE_BOTH);
    }

    /** Whether a pin asks for nothing else than what was told. */
    private static function agrees(?Pin $pin, ?int $person, int $start): bool
    {
        return $pin === null || ($pin->worker === null || $pin->worker === $person) && $start >= ($pin->from ?? $start)
            && $start < ($pin->until ?? PHP_INT_MAX) && $pin->after === null;
    }

    /** @param  array<string, array{int|null, int}>  $told */
    private function keeping(Problem $problem, array $told): Problem
    {
        return $problem->with(['activities' => array_map(static fn (Activity $activity): Activity => isset($told[$activity->id])
            ? $activity->with(['frozen' => new Frozen(...$told[$activity->id], keepsTime: false)])
            : $activity, $problem->activities)]);
    }
}
