<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Regimen\Schedule\Problem\ImpossibleProblem;

/**
 * A project with limited resources as the solver sees it: jobs counted from 0, durations in whole units of time, all
 * resources of a job packed into words of 64 bits so that they are compared at once.
 */
final readonly class Project
{
    private const BITS = 62;

    /**
     * @param  list<int>  $durations
     * @param  list<list<int>>  $predecessors
     * @param  list<list<int>>  $successors
     * @param  list<list<int>>  $demands  by job and word
     * @param  list<int>  $room  all capacities and a guard bit over each, by word
     * @param  list<int>  $guards  the guard bits, by word
     * @param  list<int>  $order  jobs, each after its predecessors
     * @param  list<int|null>|null  $machines  by job, where every job takes one machine for itself; null for other
     *   projects
     * @param  int  $bound  no schedule is shorter: the longest chain, or a resource's work over its capacity
     */
    private function __construct(
        public array $durations,
        public array $predecessors,
        public array $successors,
        public array $demands,
        public array $room,
        public array $guards,
        public array $order,
        public int $horizon,
        public ?array $machines,
        public int $bound,
    ) {
    }

    /**
     * @param  list<int>  $durations
     * @param  list<list<int>>  $successors
     * @param  list<list<int>>  $demands  by job, one for each resource
     * @param  list<int>  $capacities
     *
     * @throws ImpossibleProblem if links go round in a circle, or a job wants more than there is
     */
    public static function of(array $durations, array $successors, array $demands, array $capacities): self
    {
        $count = count($durations);
        $predecessors = array_fill(0, $count, []);
        foreach ($successors as $job => $after) {
            foreach ($after as $later) {
                $predecessors[$later][] = $job;
            }
        }
        foreach ($demands as $job => $wanted) {
            foreach ($wanted as $resource => $quantity) {
                if ($quantity > ($capacities[$resource] ?? 0)) {
                    throw ImpossibleProblem::because(
                        'Job '.($job + 1)." wants {$quantity} of resource ".($resource + 1).'; there are '
                            .($capacities[$resource] ?? 0).'.',
                    );
                }
            }
        }
        [$packed, $room, $guards] = self::packed($demands, $capacities, $count);

        return new self(
            $durations, $predecessors, $successors, $packed, $room, $guards, self::sorted($predecessors, $successors),
            array_sum($durations), self::machines($demands, $capacities, $durations),
            self::workBound($durations, $demands, $capacities),
        );
    }

    /** The same with time running backwards. */
    public function reversed(): self
    {
        return new self(
            $this->durations, $this->successors, $this->predecessors, $this->demands, $this->room, $this->guards,
            array_reverse($this->order), $this->horizon, $this->machines, $this->bound,
        );
    }

    /** No schedule is shorter than the longest chain, or than a resource's work over its capacity. */
    public function lowerBound(): int
    {
        return max($this->bound, ...$this->tails());
    }

    /** @return list<int> by job, the longest way from its start to the end of the project */
    public function tails(): array
    {
        $tails = array_fill(0, count($this->durations), 0);
        foreach (array_reverse($this->order) as $job) {
            foreach ($this->successors[$job] as $after) {
                $tails[$job] = max($tails[$job], $tails[$after]);
            }
            $tails[$job] += $this->durations[$job];
        }

        return array_values($tails);
    }

    /**
     * @param  list<list<int>>  $demands
     * @param  list<int>  $capacities
     * @return array{list<list<int>>, list<int>, list<int>}
     */
    private static function packed(array $demands, array $capacities, int $count): array
    {
        $words = $room = $guards = [];
        $packed = array_fill(0, $count, []);
        $shift = $word = 0;
        foreach ($capacities as $resource => $capacity) {
            $bits = max(1, (int) ceil(log($capacity + 1, 2)));
            if ($shift + $bits + 1 > self::BITS) {
                $word++;
                $shift = 0;
            }
            $guards[$word] = ($guards[$word] ?? 0) | (1 << ($shift + $bits));
            $room[$word] = ($room[$word] ?? 0) | (1 << ($shift + $bits)) | ($capacity << $shift);
            for ($job = 0; $job < $count; $job++) {
                $packed[$job][$word] = ($packed[$job][$word] ?? 0) | (($demands[$job][$resource] ?? 0) << $shift);
            }
            $shift += $bits + 1;
        }

        return [array_map(array_values(...), $packed), array_values($room), array_values($guards)];
    }

    /**
     * @param  list<list<int>>  $predecessors
     * @param  list<list<int>>  $successors
     * @return list<int>
     */
    private static function sorted(array $predecessors, array $successors): array
    {
        $waits = array_map(count(...), $predecessors);
        $ready = array_keys(array_filter($waits, static fn (int $count): bool => $count === 0));
        for ($at = 0; $at < count($ready); $at++) {
            foreach ($successors[$ready[$at]] as $after) {
                if (--$waits[$after] === 0) {
                    $ready[] = $after;
                }
            }
        }
        if (count($ready) < count($predecessors)) {
            throw ImpossibleProblem::circle(
                array_map(
                    static fn (int $job): string => 'job '.($job + 1),
                    array_values(array_diff(array_keys($predecessors), $ready)),
                ),
            );
        }

        return $ready;
    }

    /**
     * @param  list<int>  $durations
     * @param  list<list<int>>  $demands
     * @param  list<int>  $capacities
     */
    private static function workBound(array $durations, array $demands, array $capacities): int
    {
        $bound = 0;
        foreach ($capacities as $resource => $capacity) {
            $work = 0;
            foreach ($demands as $job => $wanted) {
                $work += ($wanted[$resource] ?? 0) * $durations[$job];
            }
            $bound = $capacity > 0 ? max($bound, intdiv($work + $capacity - 1, $capacity)) : $bound;
        }

        return $bound;
    }

    /**
     * Where every job with a duration takes one machine for itself, swaps on the critical chain lead further.
     *
     * @param  list<list<int>>  $demands
     * @param  list<int>  $capacities
     * @param  list<int>  $durations
     * @return list<int|null>|null
     */
    private static function machines(array $demands, array $capacities, array $durations): ?array
    {
        if (
            $capacities === []
            || array_filter($capacities, static fn (int $capacity): bool => $capacity !== 1) !== []
        ) {
            return null;
        }
        $machines = [];
        foreach ($demands as $job => $wanted) {
            if ($durations[$job] > 0 && array_sum($wanted) !== 1) {
                return null;
            }
            $machine = array_search(1, $wanted, true);
            $machines[] = $durations[$job] === 0 || $machine === false ? null : $machine;
        }

        return $machines;
    }
}
