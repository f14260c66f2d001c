<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

/**
 * Forward–backward improvement: pushed as far back as it goes and then forward again, a schedule never gets longer
 * (Valls, Ballestín and Quintanilla, Justification and RCPSP, European Journal of Operational Research 165, 2005;
 * memory).
 */
final class Justification
{
    private readonly SerialGeneration $forward;

    private readonly SerialGeneration $backward;

    public function __construct(private readonly Project $project)
    {
        $this->forward = new SerialGeneration($project);
        $this->backward = new SerialGeneration($project->reversed());
    }

    /** @param  list<int>  $list */
    public function first(array $list, Budget $budget): Solution
    {
        $budget->spent++;

        return new Solution(...$this->forward->schedule($list));
    }

    /** @param  list<int>  $list */
    public function improved(array $list, Budget $budget): Solution
    {
        return $this->doubled($this->first($list, $budget), $budget);
    }

    public function doubled(Solution $solution, Budget $budget): Solution
    {
        $budget->spent += 2;
        $ends = [];
        foreach ($this->project->order as $job) {
            $ends[$job] = $solution->starts[$job] + $this->project->durations[$job];
        }
        // Jobs without a duration share their instant with others: links decide between equals.
        [$back] = $this->backward->schedule(self::descending($ends, array_reverse($this->project->order)));
        $again = new Solution(
            ...$this->forward->schedule(
                self::descending(
                    array_map(
                        fn (int $job): int => $back[$job] + $this->project->durations[$job],
                        array_combine($this->project->order, $this->project->order),
                    ),
                    $this->project->order,
                ),
            ),
        );

        return $again->makespan <= $solution->makespan ? $again : $solution;
    }

    /**
     * @param  array<int, int>  $by
     * @param  list<int>  $jobs  in an order that links allow; kept between equals
     * @return list<int>
     */
    private static function descending(array $by, array $jobs): array
    {
        $keys = [];
        foreach ($jobs as $job) {
            $keys[$job] = -$by[$job];
        }
        asort($keys);

        return array_keys($keys);
    }
}
