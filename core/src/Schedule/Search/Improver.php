<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Building\Priority;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Plan\Plan;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Solver\Budget;

/**
 * Looks for a better plan by planning again and again in other orders: builds pushed ahead or held back, single
 * activities
 * moved, the order of the best plan taken up again. Anytime, deterministic by seed, never worse than where it started.
 */
final class Improver
{
    private const DAY = 1_440;

    /** Without a better plan for so long it goes back to the best one. */
    private const PATIENCE = 30;

    private readonly Randomizer $random;

    /** @var list<list<int|string>> */
    private readonly array $settings;

    private function __construct(private readonly Problem $problem, private readonly Objective $objective, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->settings = self::settings($problem);
    }

    /** @param  array<int|string, int>|null  $keys  the order to start from; the usual one if none is given */
    public static function improve(
        Problem $problem,
        Budget $budget,
        int $seed = 1,
        Objective $objective = new Objective,
        ?array $keys = null,
    ): Improved {
        return (new self($problem, $objective, $seed))->run($budget, $keys ?? Priority::keys($problem));
    }

    /** @param  array<int|string, int>  $base */
    private function run(Budget $budget, array $base): Improved
    {
        $first = $best = Builder::byKeys($this->problem, $base);
        $budget->spent++;
        $firstCost = $bestCost = $cost = $this->objective->cost($this->problem, $first);
        [$keys, $plan] = [$base, $first];
        $bestKeys = $keys;
        for ($idle = 0; $keys !== [] && ! $budget->isSpent(); $idle++) {
            if ($idle > self::PATIENCE) {
                [$keys, $plan, $cost, $idle] = [$bestKeys, $best, $bestCost, 0];
            }
            $tried = $this->moved($keys, $plan);
            $other = Builder::byKeys($this->problem, $tried);
            $budget->spent++;
            $otherCost = $this->objective->cost($this->problem, $other);
            if (count($other->unplanned) > count($first->unplanned)) {
                continue;
            }
            if ($otherCost <= $cost + intdiv($bestCost, 1_000)) {
                [$keys, $plan, $cost] = [$tried, $other, $otherCost];
            }
            if ($otherCost < $bestCost) {
                [$best, $bestCost, $bestKeys, $idle] = [$other, $otherCost, $tried, 0];
            }
        }

        return new Improved($bestKeys, $first, $best, $firstCost, $bestCost, $budget->spent);
    }

    /**
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private function moved(array $keys, Plan $plan): array
    {
        $kind = $this->random->getInt(0, 19);
        if ($kind < 4) {
            $keys = self::asPlanned($keys, $plan);
        }

        return match (true) {
            $kind < 11 => $this->buildShifted($keys, $plan),
            $kind < 16 => $this->passed($keys, $plan),
            $kind === 16 && $this->settings !== [] => $this->together($keys),
            default => $this->jittered($keys),
        };
    }

    /**
     * The order in which everything stands in a plan.
     *
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private static function asPlanned(array $keys, Plan $plan): array
    {
        foreach ($plan->assignments as $id => $assignment) {
            $keys[$id] = $assignment->start;
        }

        return $keys;
    }

    /**
     * Where a build waits for another one on the way to its finish, it goes first, with all that it needs for that.
     *
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private function passed(array $keys, Plan $plan): array
    {
        $waits = $this->waits($plan);
        if ($waits === []) {
            return $this->jittered($keys);
        }
        [$id, $other] = $waits[$this->random->getInt(0, count($waits) - 1)];
        $keys = self::asPlanned($keys, $plan);
        $ahead = $keys[$other] - 1;
        for ($first = [$id]; $first !== [];) {
            $next = array_pop($first);
            if ($keys[$next] > $ahead) {
                $keys[$next] = $ahead;
                array_push($first, ...$this->problem->before[$next]);
            }
        }

        return $keys;
    }

    /**
     * What waits for a person or a resource that another build has, on the way to one build's finish.
     *
     * @return list<array{int|string, int|string}>
     */
    private function waits(Plan $plan): array
    {
        $ends = Chain::ends($this->problem, $plan);
        $late = array_keys($this->objective->lateness($this->problem, $plan));
        $builds = $late !== [] && $this->random->getInt(0, 1) === 0 ? $late : array_keys($ends);
        $from = $builds === [] ? null : $ends[$builds[$this->random->getInt(0, count($builds) - 1)]];

        return Chain::waits($this->problem, $plan, $from);
    }

    /**
     * What needs the same setting, one after the other, as soon as the most urgent of them.
     *
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private function together(array $keys): array
    {
        $same = $this->settings[$this->random->getInt(0, count($this->settings) - 1)];
        $first = min(array_intersect_key($keys, array_flip($same)) ?: [0]);
        foreach ($same as $id) {
            $keys[$id] = $first;
        }

        return $keys;
    }

    /** @return list<list<int|string>> activities that could share a set-up */
    private static function settings(Problem $problem): array
    {
        $same = [];
        foreach ($problem->activities as $id => $activity) {
            if ($activity->setUp !== null && ! $activity->isUnderWay()) {
                $same[$activity->setUp->key][] = $id;
            }
        }

        return array_values(array_filter($same, static fn (array $ids): bool => count($ids) > 1));
    }

    /**
     * A build ahead or back as a whole; one that is late more often than another.
     *
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private function buildShifted(array $keys, Plan $plan): array
    {
        $late = array_keys($this->objective->lateness($this->problem, $plan));
        $builds = array_keys($this->objective->finishes($this->problem, $plan));
        if ($builds === []) {
            return $keys;
        }
        $isLate = $late !== [] && $this->random->getInt(0, 1) === 0;
        $build = $isLate
            ? $late[$this->random->getInt(0, count($late) - 1)]
            : $builds[$this->random->getInt(0, count($builds) - 1)];
        $by = self::DAY * $this->random->getInt(1, 12) * ($isLate || $this->random->getInt(0, 1) === 0 ? -1 : 1);
        foreach ($this->problem->activities as $id => $activity) {
            if ($activity->build === $build) {
                $keys[$id] += $by;
            }
        }

        return $keys;
    }

    /**
     * @param  array<int|string, int>  $keys
     * @return array<int|string, int>
     */
    private function jittered(array $keys): array
    {
        $ids = array_keys($keys);
        for ($count = max(1, intdiv(count($ids), 25)); $count > 0; $count--) {
            $id = $ids[$this->random->getInt(0, count($ids) - 1)];
            $keys[$id] += $this->random->getInt(-3 * self::DAY, 3 * self::DAY);
        }

        return $keys;
    }
}
