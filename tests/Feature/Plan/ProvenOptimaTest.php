<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Solver\Project;
use Regimen\Schedule\Solver\Solver;
use Regimen\Tests\Schedule\Solver\GeneratedProjects;
use Symfony\Component\Process\Process;

/**
 * Small generated projects against optima that a general-purpose solver of integer programs proves: CBC of the COIN-OR
 * project, from Debian's package coinor-cbc; every start in every unit of time is a variable.
 */
final class ProvenOptimaTest extends TestCase
{
    public function test_small_projects_reach_their_proven_optimum(): void
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            [$durations, $successors, $demands, $capacities] = GeneratedProjects::drawn(
                8, [1.5, 1.8][$seed % 2], [0.5, 1.0][intdiv($seed, 2) % 2], 0.2, $seed,
            );
            // In half units, so that the solver has fewer starts to choose from.
            $raw = [
                array_map(static fn (int $one): int => intdiv($one + 1, 2), $durations),
                $successors,
                $demands,
                $capacities,
            ];
            $solution = Solver::solve(Project::of(...$raw), new Budget(5000), 1);
            self::assertSame(self::proven($raw, $solution->makespan), $solution->makespan, "seed {$seed}");
        }
    }

    public function test_small_job_shops_reach_their_proven_optimum(): void
    {
        for ($seed = 1; $seed <= 3; $seed++) {
            [$durations, $successors, $demands, $capacities] = GeneratedProjects::jobShop(3, 3, $seed);
            $raw = [
                array_map(static fn (int $one): int => intdiv($one + 24, 25), $durations),
                $successors,
                $demands,
                $capacities,
            ];
            $solution = Solver::solve(Project::of(...$raw), new Budget(2000), 1);
            self::assertSame(self::proven($raw, $solution->makespan), $solution->makespan, "seed {$seed}");
        }
    }

    /**
     * @param  array{list<int>, list<list<int>>, list<list<int>>, list<int>}  $project
     * @param  int  $horizon  a length that can be reached
     */
    private static function proven(array $project, int $horizon): int
    {
        [$durations, $successors, $demands, $capacities] = $project;
        $sink = count($durations) - 1;
        $windows = self::windows($durations, $successors, $horizon);
        $sum = static fn (int $job, string $sign = '+'): string => implode(
            ' ',
            array_map(static fn (int $time): string => "{$sign} {$time} x{$job}_{$time}", $windows[$job]),
        );
        $lines = ['Minimize', ' obj: '.$sum($sink), 'Subject To'];
        foreach ($durations as $job => $duration) {
            $lines[] = " one{$job}: ".implode(
                ' + ',
                array_map(static fn (int $time): string => "x{$job}_{$time}", $windows[$job]),
            ).' = 1';
            foreach ($successors[$job] as $after) {
                $lines[] = " after{$job}_{$after}: {$sum($after)} {$sum($job, '-')} >= {$duration}";
            }
        }
        foreach ($capacities as $resource => $capacity) {
            for ($time = 0; $time < $horizon; $time++) {
                $terms = [];
                foreach ($durations as $job => $duration) {
                    foreach ($demands[$job][$resource] > 0 ? $windows[$job] : [] as $start) {
                        $terms = $start <= $time && $time < $start + $duration
                            ? [...$terms, "{$demands[$job][$resource]} x{$job}_{$start}"]
                            : $terms;
                    }
                }
                if ($terms !== []) {
                    $lines[] = " room{$resource}_{$time}: ".implode(' + ', $terms)." <= {$capacity}";
                }
            }
        }
        $lines[] = 'Binaries';
        foreach (array_keys($durations) as $job) {
            $lines[] = ' '.implode(' ', array_map(static fn (int $time): string => "x{$job}_{$time}", $windows[$job]));
        }
        $lines[] = 'End';
        $file = tempnam(sys_get_temp_dir(), 'project').'.lp';
        file_put_contents($file, implode("\n", $lines)."\n");
        $answer = (new Process(['cbc', $file, 'solve'], timeout: 240))->mustRun()->getOutput();
        unlink($file);
        self::assertStringContainsString('Optimal solution found', $answer);
        self::assertSame(1, preg_match('/Objective value:\s+([\d.]+)/', $answer, $found));

        return (int) round((float) $found[1]);
    }

    /**
     * When a job can begin at all if the project is over in time.
     *
     * @param  list<int>  $durations
     * @param  list<list<int>>  $successors
     * @return array<int, list<int>>
     */
    private static function windows(array $durations, array $successors, int $horizon): array
    {
        $earliest = array_fill(0, count($durations), 0);
        $latest = array_map(static fn (int $duration): int => $horizon - $duration, $durations);
        for ($round = 0; $round < count($durations); $round++) {
            foreach ($successors as $job => $after) {
                foreach ($after as $later) {
                    $earliest[$later] = max($earliest[$later], $earliest[$job] + $durations[$job]);
                    $latest[$job] = min($latest[$job], $latest[$later] - $durations[$job]);
                }
            }
        }

        return array_map(static fn (int $from, int $to): array => range($from, $to), $earliest, $latest);
    }
}
