<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A population of activity lists: what is crossed is decoded, pushed back and forth, and takes the place of the worst.
 * When nothing gets better, the population is drawn anew around the best one. (Hartmann 1998 for the lists and the
 * crossover; Valls, Ballestín and Quintanilla 2008 for the second phase around the best; memory.)
 */
final class Evolution
{
    private const POPULATION = 40;

    /** Forward, back and forward again. */
    private const EACH = 3;

    private readonly Randomizer $random;

    private readonly Justification $justification;

    /** @var list<array{list<int>, int, string}> list, makespan, fingerprint; the best first */
    private array $population = [];

    private Solution $best;

    public function __construct(private readonly Project $project, int $seed, private readonly Budget $budget)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->justification = new Justification($project);
        $this->best = $budget->isSpent(self::EACH) ? $this->justification->first($this->byTails(), $budget) : $this->justification->improved($this->byTails(), $budget);
    }

    public static function solve(Project $project, Budget $budget, int $seed): Solution
    {
        $evolution = new self($project, $seed, $budget);
        $evolution->run();

        return $evolution->best;
    }

    private function run(): void
    {
        $bound = $this->project->lowerBound();
        $this->populate(0.0);
        $idle = 0;
        while (! $this->budget->isSpent(self::EACH) && $this->best->makespan > $bound) {
            $before = $this->best->makespan;
            $this->breed();
            $idle = $this->best->makespan < $before ? 0 : $idle + 1;
            if ($idle > 8 * self::POPULATION) {
                $this->populate($this->random->getInt(0, 2) === 0 ? 0.0 : 0.9);
                $idle = 0;
            }
        }
    }

    /** @param  float  $near  how much a drawn list follows the best one so far; 0 draws it from the links alone */
    private function populate(float $near): void
    {
        $this->population = [];
        $this->admit($this->best);
        for ($drawn = 1; $drawn < self::POPULATION && ! $this->budget->isSpent(self::EACH); $drawn++) {
            $this->admit($this->justification->improved($this->drawn($near), $this->budget));
        }
    }

    private function breed(): void
    {
        $mother = $this->chosen();
        $father = $this->chosen();
        $child = $this->mutated($this->crossed($mother, $father));
        $this->admit($this->justification->improved($child, $this->budget));
    }

    private function admit(Solution $solution): void
    {
        if ($solution->makespan < $this->best->makespan) {
            $this->best = $solution;
        }
        $fingerprint = implode(' ', $solution->starts);
        $full = count($this->population) >= self::POPULATION;
        if ($full && $solution->makespan > $this->population[self::POPULATION - 1][1]) {
            return;
        }
        $at = count($this->population);
        foreach ($this->population as $index => [, $makespan, $known]) {
            if ($known === $fingerprint) {
                return;
            }
            if ($solution->makespan <= $makespan && $at === count($this->population)) {
                $at = $index;
            }
        }
        array_splice($this->population, $at, 0, [[$solution->list($this->project), $solution->makespan, $fingerprint]]);
        if ($full) {
            array_pop($this->population);
        }
    }

    /** @return list<int> the better of two that are drawn */
    private function chosen(): array
    {
        $last = count($this->population) - 1;

        return $this->population[min($this->random->getInt(0, $last), $this->random->getInt(0, $last))][0];
    }

    /**
     * A stretch of the mother in the middle or at both ends, the rest in the order of the father.
     *
     * @param  list<int>  $mother
     * @param  list<int>  $father
     * @return list<int>
     */
    private function crossed(array $mother, array $father): array
    {
        $count = count($mother);
        $length = $this->random->getInt(intdiv($count, 4), intdiv(3 * $count, 4));
        $from = $this->random->getInt(0, $count - $length);
        $taken = [];
        for ($at = 0; $at < $from; $at++) {
            $taken[$mother[$at]] = true;
        }
        for ($at = 0; count($taken) < $from + $length; $at++) {
            $taken[$father[$at]] = true;
        }
        foreach ($mother as $job) {
            $taken[$job] = true;
        }

        return array_keys($taken);
    }

    /**
     * @param  list<int>  $list
     * @return list<int>
     */
    private function mutated(array $list): array
    {
        for ($at = count($list) - 1; $at > 0; $at--) {
            if ($this->random->getInt(0, 19) === 0 && ! in_array($list[$at - 1], $this->project->predecessors[$list[$at]], true)) {
                [$list[$at - 1], $list[$at]] = [$list[$at], $list[$at - 1]];
            }
        }

        return array_values($list);
    }

    /** @return list<int> the longest way to the end first */
    private function byTails(): array
    {
        $tails = $this->project->tails();
        $keys = [];
        foreach ($this->project->order as $job) {
            $keys[$job] = -$tails[$job];
        }
        asort($keys);

        return $this->repaired(array_keys($keys));
    }

    /**
     * Jobs drawn one by one from those that may come next: by regret on the longest way to the end, or as the best list has them.
     *
     * @return list<int>
     */
    private function drawn(float $near): array
    {
        $tails = $this->project->tails();
        $waits = array_map(count(...), $this->project->predecessors);
        $open = array_keys(array_filter($waits, static fn (int $count): bool => $count === 0));
        $place = $near > 0 ? array_flip($this->best->list($this->project)) : [];
        $list = [];
        while ($open !== []) {
            $index = $near > 0 && $this->random->getInt(0, 999) < 1000 * $near ? self::first($open, $place) : $this->regretful($open, $tails);
            $job = $open[$index];
            array_splice($open, $index, 1);
            $list[] = $job;
            foreach ($this->project->successors[$job] as $after) {
                if (--$waits[$after] === 0) {
                    $open[] = $after;
                }
            }
        }

        return $list;
    }

    /**
     * @param  list<int>  $open
     * @param  array<int, int>  $place
     */
    private static function first(array $open, array $place): int
    {
        $first = 0;
        foreach ($open as $index => $job) {
            $first = $place[$job] < $place[$open[$first]] ? $index : $first;
        }

        return $first;
    }

    /**
     * @param  list<int>  $open
     * @param  list<int>  $tails
     */
    private function regretful(array $open, array $tails): int
    {
        $least = PHP_INT_MAX;
        foreach ($open as $job) {
            $least = min($least, $tails[$job]);
        }
        $weights = [];
        $sum = 0;
        foreach ($open as $index => $job) {
            $sum += ($tails[$job] - $least + 1) ** 2;
            $weights[$index] = $sum;
        }
        $drawn = $this->random->getInt(1, $sum);
        foreach ($weights as $index => $weight) {
            if ($drawn <= $weight) {
                return $index;
            }
        }

        return 0;
    }

    /**
     * @param  list<int>  $list
     * @return list<int> with every job after its predecessors, otherwise as it was
     */
    private function repaired(array $list): array
    {
        $place = array_flip($list);
        $waits = array_map(count(...), $this->project->predecessors);
        $open = array_keys(array_filter($waits, static fn (int $count): bool => $count === 0));
        $sorted = [];
        while ($open !== []) {
            $index = self::first($open, $place);
            $job = $open[$index];
            array_splice($open, $index, 1);
            $sorted[] = $job;
            foreach ($this->project->successors[$job] as $after) {
                if (--$waits[$after] === 0) {
                    $open[] = $after;
                }
            }
        }

        return $sorted;
    }
}
