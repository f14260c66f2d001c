<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/**
 * What makes one plan better than another (CALCULATIONS P3), as one number, less being better: weighted lateness against
 * promises first, then the time that builds spend in the shop, then what was planned near today and would move.
 */
final readonly class Objective
{
    /** What is planned within so many minutes from now is near. */
    private const NEAR = 4_320;

    /**
     * @param  int  $late  for a minute of lateness, before the promise's own weight
     * @param  int  $inTheShop  for a minute until a build is over
     * @param  int  $moved  for a minute by which something near today moves
     * @param  array<string, int>  $before  where activities were planned to start until now
     */
    public function __construct(public int $late = 1_000, public int $inTheShop = 1, public int $moved = 2, private array $before = [])
    {
    }

    public function cost(Problem $problem, Plan $plan): int
    {
        $cost = 0;
        foreach ($this->finishes($problem, $plan) as $build => $finish) {
            $due = $problem->dues[$build] ?? new Due(null);
            $cost += $this->inTheShop * ($finish - $problem->now);
            $cost += $due->instant === null ? 0 : $this->late * $due->promise->weight() * max(0, $finish - $due->instant);
        }
        foreach ($this->before as $id => $start) {
            $now = $plan->assignments[$id] ?? null;
            $cost += $now !== null && $start - $problem->now < self::NEAR ? $this->moved * abs($now->start - $start) : 0;
        }

        return $cost;
    }

    /** @return array<string, int> when the last planned activity of each build is over */
    public function finishes(Problem $problem, Plan $plan): array
    {
        $finishes = [];
        foreach ($plan->assignments as $id => $assignment) {
            $build = $problem->activities[$id]->build;
            $finishes[$build] = max($finishes[$build] ?? 0, $assignment->finish);
        }

        return $finishes;
    }

    /** @return array<string, int> clock minutes by which a build misses its date; those that keep it are left out */
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
