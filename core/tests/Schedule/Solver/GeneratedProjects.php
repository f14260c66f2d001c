<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Solver;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Schedule\Solver\Project;

/**
 * Projects drawn like those of the PSPLIB library, after its published parameters (Kolisch, Sprecher and Drexl,
 * Characterization and generation of a general class of resource-constrained project scheduling problems, Management
 * Science 41, 1995; memory): durations and demands 1 to 10, four resources, network complexity, resource factor and
 * resource strength. And job shops of n jobs on m machines with durations 1 to 99 (Taillard 1993; memory).
 */
final class GeneratedProjects
{
    /**
     * @return array{list<int>, list<list<int>>, list<list<int>>, list<int>} durations, successors, demands, capacities;
     *   with a source and a sink
     */
    public static function drawn(int $jobs, float $complexity, float $factor, float $strength, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $successors = array_fill(0, $jobs + 2, []);
        $direct = static function (int $a, int $b) use (&$successors): bool {
            return in_array($b, $successors[$a], true);
        };
        $into = array_fill(0, $jobs + 2, 0);
        $arc = static function (int $a, int $b) use (&$successors, &$into): void {
            $successors[$a][] = $b;
            $into[$b]++;
        };
        for ($job = 1; $job <= 3; $job++) {
            $arc(0, $job);
        }
        for ($job = 4; $job <= $jobs; $job++) {
            $arc($random->getInt(1, min($job - 1, $jobs - 3)), $job);
        }
        for ($job = 1; $job <= $jobs - 3; $job++) {
            if ($successors[$job] === []) {
                $arc($job, $random->getInt(max(4, $job + 1), $jobs));
            }
        }
        for ($job = $jobs - 2; $job <= $jobs; $job++) {
            $successors[$job] = [];
            $arc($job, $jobs + 1);
        }
        $wanted = (int) round($complexity * ($jobs + 2));
        for ($tries = 0; array_sum(array_map(count(...), $successors)) < $wanted && $tries < 4000; $tries++) {
            $a = $random->getInt(1, $jobs - 3);
            $b = $random->getInt(max(4, $a + 1), $jobs);
            if (
                ! $direct($a, $b)
                && count($successors[$a]) < 3
                && $into[$b] < 3
                && ! self::reaches($successors, $a, $b)
                && ! self::redundant($successors, $a, $b)
            ) {
                $arc($a, $b);
            }
        }
        $durations = [0, ...array_map(static fn (): int => $random->getInt(1, 10), range(1, $jobs)), 0];
        $demands = array_fill(0, $jobs + 2, [0, 0, 0, 0]);
        for ($job = 1; $job <= $jobs; $job++) {
            $order = $random->shuffleArray([0, 1, 2, 3]);
            $used = max(1, (int) floor($factor * 4) + ($random->getInt(0, 99) < 100 * fmod($factor * 4, 1) ? 1 : 0));
            foreach (array_slice($order, 0, $used) as $resource) {
                $demands[$job][$resource] = $random->getInt(1, 10);
            }
        }

        return [
            $durations, array_values($successors), array_values($demands),
            self::capacities($durations, $successors, $demands, $strength),
        ];
    }

    /** @return array{list<int>, list<list<int>>, list<list<int>>, list<int>} */
    public static function jobShop(int $jobs, int $machines, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $durations = [0];
        $successors = [[]];
        $demands = [array_fill(0, $machines, 0)];
        for ($job = 0; $job < $jobs; $job++) {
            foreach ($random->shuffleArray(range(0, $machines - 1)) as $step => $machine) {
                $index = count($durations);
                $durations[] = $random->getInt(1, 99);
                $demands[] = array_replace(array_fill(0, $machines, 0), [$machine => 1]);
                $successors[] = [$step === $machines - 1 ? $jobs * $machines + 1 : $index + 1];
                if ($step === 0) {
                    $successors[0][] = $index;
                }
            }
        }
        $durations[] = 0;
        $successors[] = [];
        $demands[] = array_fill(0, $machines, 0);

        return [$durations, $successors, $demands, array_fill(0, $machines, 1)];
    }

    public static function project(int $jobs, float $complexity, float $factor, float $strength, int $seed): Project
    {
        return Project::of(...self::drawn($jobs, $complexity, $factor, $strength, $seed));
    }

    /** @param  array<int, list<int>>  $successors */
    private static function reaches(array $successors, int $from, int $to): bool
    {
        $left = [$from];
        $seen = [];
        while ($left !== []) {
            $at = array_pop($left);
            foreach ($successors[$at] as $next) {
                if ($next === $to) {
                    return true;
                }
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    $left[] = $next;
                }
            }
        }

        return false;
    }

    /**
     * Whether a new arc would make another one superfluous.
     *
     * @param  array<int, list<int>>  $successors
     */
    private static function redundant(array $successors, int $a, int $b): bool
    {
        foreach ($successors as $from => $after) {
            foreach ($after as $to) {
                if (
                    ($from === $a || self::reaches($successors, $from, $a))
                    && ($to === $b || self::reaches($successors, $b, $to))
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $durations
     * @param  array<int, list<int>>  $successors
     * @param  array<int, list<int>>  $demands
     * @return list<int>
     */
    private static function capacities(array $durations, array $successors, array $demands, float $strength): array
    {
        $start = array_fill(0, count($durations), 0);
        foreach ($successors as $job => $after) {
            foreach ($after as $later) {
                $start[$later] = max($start[$later], $start[$job] + $durations[$job]);
            }
        }
        $capacities = [];
        foreach ([0, 1, 2, 3] as $resource) {
            $least = max(array_column($demands, $resource));
            $most = $least;
            for ($time = 0; $time <= array_sum($durations); $time++) {
                $taken = 0;
                foreach ($demands as $job => $wanted) {
                    $taken += $start[$job] <= $time && $time < $start[$job] + $durations[$job] ? $wanted[$resource] : 0;
                }
                $most = max($most, $taken);
            }
            $capacities[] = max(1, $least + (int) round($strength * ($most - $least)));
        }

        return $capacities;
    }
}
