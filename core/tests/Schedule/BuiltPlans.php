<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Demand;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;

/** What the tests of this subject share. */
trait BuiltPlans
{
    /**
     * @param  list<Activity>  $activities
     * @param  array<string, int>  $capacities
     * @param  array<string, Due>  $dues
     */
    private function plan(
        array $activities,
        int $workers = 1,
        array $capacities = [],
        array $dues = [],
        string $now = '2026-03-02 08:00',
    ): Plan {
        return Builder::plan(
            new Problem(
                $this->at($now), $activities, array_map(fn (int $id) => $this->worker($id), range(1, $workers)),
                $capacities, $dues,
            ),
        );
    }

    /**
     * @param  list<string>  $after
     * @param  list<Demand>  $demands
     */
    private function activity(
        string $id,
        int $work,
        int $hold = 0,
        array $after = [],
        array $demands = [],
        string $build = 'b',
        bool $oneSitting = false,
    ): Activity {
        return new Activity(
            $id, $build, $work, $hold, 'any', array_map(static fn (string $before) => new Predecessor($before), $after),
            $demands, oneSitting: $oneSitting,
        );
    }

    private function assertTimes(
        Plan $plan,
        string $activity,
        string $start,
        string $workEnd,
        ?string $finish = null,
    ): void {
        self::assertArrayHasKey($activity, $plan->assignments);
        $found = $plan->assignments[$activity];
        self::assertInstanceOf(Assignment::class, $found);
        self::assertSame([$start, $workEnd], [$this->local($found->start), $this->local($found->workEnd)], $activity);
        self::assertSame($finish ?? $this->local($found->finish), $this->local($found->finish), $activity);
    }
}
