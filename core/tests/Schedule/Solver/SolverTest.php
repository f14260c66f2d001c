<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Solver;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\PsplibProject;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Solver\Project;
use Regimen\Schedule\Solver\Solver;

/**
 * Published optima (PSPLIB j301_1: 43, Kolisch and Sprecher 1997; ft06: 55 and ft10: 930, Fisher and Thompson 1963; the
 * data from memory), and a verifier that knows nothing of how schedules are made.
 */
final class SolverTest extends TestCase
{
    use KnownProjects;

    /** Fisher and Thompson's 10 × 10: machine and duration in turn, job by job (memory). */
    private const FT10 = [
        [0, 29, 1, 78, 2, 9, 3, 36, 4, 49, 5, 11, 6, 62, 7, 56, 8, 44, 9, 21],
        [0, 43, 2, 90, 4, 75, 9, 11, 3, 69, 1, 28, 6, 46, 5, 46, 7, 72, 8, 30],
        [1, 91, 0, 85, 3, 39, 2, 74, 8, 90, 5, 10, 7, 12, 6, 89, 9, 45, 4, 33],
        [1, 81, 2, 95, 0, 71, 4, 99, 6, 9, 8, 52, 7, 85, 3, 98, 9, 22, 5, 43],
        [2, 14, 0, 6, 1, 22, 5, 61, 3, 26, 4, 69, 8, 21, 7, 49, 9, 72, 6, 53],
        [2, 84, 1, 2, 5, 52, 3, 95, 8, 48, 9, 72, 0, 47, 6, 65, 4, 6, 7, 25],
        [1, 46, 0, 37, 3, 61, 2, 13, 6, 32, 5, 21, 9, 32, 8, 89, 7, 30, 4, 55],
        [2, 31, 0, 86, 1, 46, 5, 74, 4, 32, 6, 88, 8, 19, 9, 48, 7, 36, 3, 79],
        [0, 76, 1, 69, 3, 76, 5, 51, 2, 85, 9, 11, 6, 40, 7, 89, 4, 26, 8, 74],
        [1, 85, 0, 13, 2, 61, 6, 7, 8, 64, 9, 76, 5, 47, 3, 52, 4, 90, 7, 45],
    ];

    /** @return iterable<string, array{string, int}> */
    public static function published(): iterable
    {
        yield 'thirty activities on four resources' => ['j301_1', 43];
        yield 'six jobs on six machines' => ['ft06', 55];
    }

    #[DataProvider('published')]
    public function test_published_optima_are_reached_within_five_thousand_schedules_from_every_seed(
        string $name,
        int $optimum,
    ): void {
        $file = self::file($name);
        $project = $file->project();
        for ($seed = 1; $seed <= 20; $seed++) {
            $budget = new Budget(5000);
            $solution = Solver::solve($project, $budget, $seed);
            self::assertSame($optimum, $solution->makespan, "seed {$seed}");
            self::assertLessThanOrEqual(5000, $budget->spent);
            self::assertSame(
                [],
                self::wrongs(
                    array_values($file->durations), self::fromZero($file), array_values($file->demands),
                    $file->capacities, $solution,
                ),
            );
        }
    }

    public function test_the_ten_by_ten_comes_within_five_percent_at_once_and_two_and_a_half_with_more(): void
    {
        [$durations, $successors, $demands, $capacities] = self::ft10();
        $project = Project::of($durations, $successors, $demands, $capacities);
        $lengths = [];
        foreach ([1, 2, 3] as $seed) {
            $solution = Solver::solve($project, new Budget(5000), $seed);
            self::assertSame([], self::wrongs($durations, $successors, $demands, $capacities, $solution));
            $lengths[] = $solution->makespan;
        }
        self::assertLessThan(930 * 1.05, array_sum($lengths) / 3);
        self::assertLessThan(930 * 1.025, Solver::solve($project, new Budget(25_000), 1)->makespan);
    }

    public function test_every_schedule_of_generated_projects_keeps_links_and_capacities(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            [$durations, $successors, $demands, $capacities] = $seed % 5 === 0
                ? GeneratedProjects::jobShop(4 + $seed % 4, 4, $seed)
                : GeneratedProjects::drawn(
                    12 + $seed % 30, [1.5, 1.8, 2.1][$seed % 3], [0.25, 0.5, 0.75, 1.0][$seed % 4],
                    [0.1, 0.2, 0.5, 1.0][intdiv($seed, 4) % 4], $seed,
                );
            $project = Project::of($durations, $successors, $demands, $capacities);
            $solution = Solver::solve($project, new Budget(300), $seed);
            self::assertSame(
                [],
                self::wrongs($durations, $successors, $demands, $capacities, $solution),
                "seed {$seed}",
            );
            self::assertGreaterThanOrEqual($project->lowerBound(), $solution->makespan);
            self::assertEquals(
                $solution, Solver::solve($project, new Budget(300), $seed), 'the same seed, the same schedule',
            );
            self::assertLessThanOrEqual(
                Solver::solve($project, new Budget(30), $seed)->makespan, $solution->makespan, 'more is never worse',
            );
        }
    }

    /** @return array{list<int>, list<list<int>>, list<list<int>>, list<int>} */
    private static function ft10(): array
    {
        [$durations, $successors, $demands] = [[0], [[]], [array_fill(0, 10, 0)]];
        foreach (self::FT10 as $job) {
            foreach (array_chunk($job, 2) as $step => [$machine, $duration]) {
                $index = count($durations);
                $durations[] = $duration;
                $demands[] = array_replace(array_fill(0, 10, 0), [$machine => 1]);
                $successors[] = [$step === 9 ? 101 : $index + 1];
                $successors[0] = $step === 0 ? [...$successors[0], $index] : $successors[0];
            }
        }

        return [[...$durations, 0], [...$successors, []], [...$demands, array_fill(0, 10, 0)], array_fill(0, 10, 1)];
    }

    /** @return list<list<int>> */
    private static function fromZero(PsplibProject $file): array
    {
        return array_values(
            array_map(
                static fn (array $after): array => array_map(static fn (int $job): int => $job - 1, $after),
                $file->successors,
            ),
        );
    }
}
