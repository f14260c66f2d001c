<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A population of activity lists: what is crossed is decoded, pushed back and forth, and takes the place of the worst.
 * When nothing gets better, the population is drawn again around the best one. (Hartmann 1998 for the lists and the
 * crossover; Valls, Ballestín and Quintanilla 2008 for the second phase around the best; memory.)
 */
final class Evolution
{
    private const POPULATION = 40;

    /** Forward, back and forward again. */
    private const EACH = 3;

    private readonly Randomizer $random;

    private readonly Justification $justification;

    private readonly ActivityLists $lists;

    /** @var list<array{list<int>, int, string}> list, makespan, fingerprint; the best first */
    private array $population = [];

    private Solution $best;

    public function __construct(private readonly Project $project, int $seed, private readonly Budget $budget)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->justification = new Justification($project);
        $this->lists = new ActivityLists($project, $this->random);
        $this->best = $budget->isSpent(self::EACH)
            ? $this->justification->first($this->lists->byTails(), $budget)
            : $this->justification->improved($this->lists->byTails(), $budget);
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
            $this->admit(
                $this->justification->improved(
                    $this->lists->drawn($near, $near > 0 ? $this->best->list($this->project) : []),
                    $this->budget,
                ),
            );
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
            if (
                $this->random->getInt(0, 19) === 0
                && ! in_array($list[$at - 1], $this->project->predecessors[$list[$at]], true)
            ) {
                [$list[$at - 1], $list[$at]] = [$list[$at], $list[$at - 1]];
            }
        }

        return array_values($list);
    }
}
