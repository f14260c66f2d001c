<?php

declare(strict_types=1);

namespace Regimen\Schedule\Solver;

use Random\Randomizer;

/** Lists of all jobs of a project, each after its predecessors: by urgency, drawn at random, or near a good one. */
final readonly class ActivityLists
{
    public function __construct(private Project $project, private Randomizer $random)
    {
    }

    /** @return list<int> the longest way to the end first */
    public function byTails(): array
    {
        $tails = $this->project->tails();
        $keys = [];
        foreach ($this->project->order as $job) {
            $keys[$job] = -$tails[$job];
        }
        asort($keys);

        return $this->following(array_flip(array_keys($keys)));
    }

    /**
     * Jobs drawn one by one from those that may come next: by regret on the longest way to the end, or as the best list
     * has them.
     *
     * @param  float  $near  how much it follows the best list; 0 draws it from the links alone
     * @param  list<int>  $best
     * @return list<int>
     */
    public function drawn(float $near, array $best): array
    {
        $tails = $this->project->tails();
        $place = $near > 0 ? array_flip($best) : [];

        return $this->listed(
            fn (array $open): int => $near > 0 && $this->random->getInt(0, 999) < 1000 * $near
                ? self::first($open, $place)
                : $this->regretful($open, $tails),
        );
    }

    /**
     * @param  array<int, int>  $place
     * @return list<int> in the order of the places, as far as links allow
     */
    private function following(array $place): array
    {
        return $this->listed(static fn (array $open): int => self::first($open, $place));
    }

    /**
     * @param  \Closure(non-empty-list<int>): int  $next  which of the jobs that may come next
     * @return list<int>
     */
    private function listed(\Closure $next): array
    {
        $waits = array_map(count(...), $this->project->predecessors);
        $open = array_keys(array_filter($waits, static fn (int $count): bool => $count === 0));
        $list = [];
        while ($open !== []) {
            $index = $next($open);
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
}
