<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Policy\LookingLonger;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\SetUp;
use Regimen\Schedule\Problem\Window;

/** A shop at an instant, with the plan that people follow: everything was done as planned until then. */
final readonly class Moment
{
    public function __construct(public Problem $problem, public Plan $plan)
    {
    }

    public static function first(Problem $problem): self
    {
        return new self($problem, (new PlanOrder($problem, new Standing))->planned()->plan);
    }

    /** The same plan some time later. */
    public function later(int $now): self
    {
        $activities = [];
        foreach ($this->problem->activities as $id => $activity) {
            $one = $this->plan->assignments[$id] ?? null;
            if ($one === null || $one->finish > $now) {
                $activities[] = $one === null ? $activity : $this->asItStands($activity, $one, $now);
            }
        }

        return new self($this->problem->with(['now' => $now, 'activities' => $activities]), $this->plan);
    }

    /**
     * @param  array<int|string, Activity|null>  $changed  by activity; null for what is over
     * @param  array<string, mixed>  $more  of the problem, by property
     */
    public function with(array $changed, array $more = []): Problem
    {
        $activities = array_filter(
            array_replace($this->problem->activities, $changed),
            static fn (?Activity $one): bool => $one !== null,
        );

        return $this->problem->with(['activities' => $activities, ...$more]);
    }

    /** Planned again from the plan that people follow. */
    public function planned(Problem $problem): Planned
    {
        $standing = new Standing(LookingLonger::announced($this->plan));

        return (new PlanOrder($problem, $standing))->planned();
    }

    public function started(Activity $activity, Assignment $one, int $now, int $left): Activity
    {
        $sittings = array_values(array_filter(
            $one->sittings,
            static fn (array $sitting): bool => $sitting[1] > $now,
        ));

        return $activity->with([
            'work' => $left, 'predecessors' => [], 'release' => null, 'windows' => [], 'pin' => null,
            'worker' => $one->worker, 'startedAt' => min($one->start, $now), 'sittings' => $sittings,
            'setUp' => $activity->setUp === null ? null : new SetUp($activity->setUp->key, 0, $activity->setUp->station),
        ]);
    }

    public static function holding(Activity $activity, int $until): Activity
    {
        return $activity->with([
            'work' => 0, 'hold' => 0, 'predecessors' => [], 'release' => null, 'windows' => [], 'pin' => null,
            'setUp' => null, 'holdUntil' => $until,
            'demands' => array_values(array_filter(
                $activity->demands,
                static fn (Demand $demand): bool => $demand->throughHold,
            )),
        ]);
    }

    private function asItStands(Activity $activity, Assignment $one, int $now): Activity
    {
        if ($one->workEnd <= $now && $activity->holdUntil === null) {
            return self::holding($activity, $one->finish);
        }
        if ($activity->holdUntil !== null) {
            return $activity;
        }
        if ($one->start < $now) {
            return $this->started($activity, $one, $now, $this->left($one, $now));
        }

        return $activity->with(['windows' => array_map(
            fn (Window $window): Window => $this->open($window, $now),
            $activity->windows,
        )]);
    }

    /** Working minutes that are left of an operation. */
    public function left(Assignment $one, int $now): int
    {
        $left = 0;
        foreach ($this->problem->workers as $worker) {
            foreach ($worker->id === $one->worker ? ($one->sittings ?: [[$one->start, $one->workEnd]]) : [] as [$from, $to]) {
                $left += $to > $now ? $worker->calendar->between(max($from, $now), $to) : 0;
            }
        }

        return max(5, $left);
    }

    private function open(Window $window, int $now): Window
    {
        $coat = $window->after === null ? null : ($this->plan->assignments[$window->after] ?? null);

        return $coat !== null && $coat->workEnd <= $now
            ? new Window(null, $coat->workEnd + $window->minutes, $window->sanding)
            : $window;
    }
}
