<?php

declare(strict_types=1);

namespace Regimen\Schedule\Plan;

use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Window;

/**
 * What makes one plan better than another (CALCULATIONS P3), as one number, less being better: weighted lateness
 * against promises first, then the time that builds spend in the shop, then set-ups and sanding, then what was planned
 * near today and would move. The weights are the problem's.
 */
final readonly class Objective
{
    /** What is planned within so many minutes from now is near. */
    public const NEAR = 4_320;

    /** What a window that no sanding fixes weighs, in minutes of sanding. */
    private const UNMENDED = 480;

    /** @param  array<int|string, int>  $before  where activities were planned to start until now */
    public function __construct(private array $before = [])
    {
    }

    public function cost(Problem $problem, Plan $plan): int
    {
        $weights = $problem->weights;
        $cost = $weights->setUps * $this->setUpMinutes($problem, $plan);
        foreach ($this->finishes($problem, $plan) as $build => $finish) {
            $due = $problem->dues[$build] ?? new Due(null);
            $cost += $weights->inTheShopOf($due) * ($finish - $problem->now);
            $cost += $due->instant === null
                ? 0
                : $weights->late * $weights->of($due->promise) * max(0, $finish - $due->instant);
        }
        foreach ($this->near($problem) as $id => $start) {
            $now = $plan->assignments[$id] ?? null;
            $cost += $now === null ? 0 : $weights->moved * abs($now->start - $start);
        }

        return $cost;
    }

    /** @return array<int|string, int> where activities were planned to start that were planned near now */
    public function near(Problem $problem): array
    {
        return array_filter($this->before, static fn (int $start): bool => $start - $problem->now < self::NEAR);
    }

    /** What a window that was missed weighs, in minutes of sanding. */
    public static function sanding(Window $window): int
    {
        return $window->sanding === 0 ? self::UNMENDED : $window->sanding;
    }

    /** Minutes of set-ups that are not shared and of sanding where a window was missed. */
    public function setUpMinutes(Problem $problem, Plan $plan): int
    {
        $minutes = 0;
        foreach ($plan->assignments as $id => $assignment) {
            $minutes += $assignment->sharesSetUpOf === null ? $problem->activities[$id]->setUp->minutes ?? 0 : 0;
            foreach ($assignment->missed as $window) {
                $minutes += self::sanding($window);
            }
        }

        return $minutes;
    }

    /** @return array<int|string, int> when the last planned activity of each build is over */
    public function finishes(Problem $problem, Plan $plan): array
    {
        $finishes = [];
        foreach ($plan->assignments as $id => $assignment) {
            $build = $problem->activities[$id]->build;
            $finishes[$build] = max($finishes[$build] ?? 0, $assignment->finish);
        }

        return $finishes;
    }

    /**
     * @return array<int|string, int> clock minutes by which a build misses its date; those that keep it are left
     *   out
     */
    public function lateness(Problem $problem, Plan $plan): array
    {
        $late = [];
        foreach ($this->finishes($problem, $plan) as $build => $finish) {
            $due = ($problem->dues[$build] ?? new Due(null))->instant;
            if ($due !== null && $finish > $due) {
                $late[$build] = $finish - $due;
            }
        }

        return $late;
    }
}
