<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Solver;

use PHPUnit\Framework\TestCase;
use Regimen\Schedule\Problem\ImpossibleProblem;
use Regimen\Schedule\Solver\Budget;
use Regimen\Schedule\Solver\Evolution;
use Regimen\Schedule\Solver\Justification;
use Regimen\Schedule\Solver\MachineSwaps;
use Regimen\Schedule\Solver\Project;
use Regimen\Schedule\Solver\SerialGeneration;
use Regimen\Schedule\Solver\Solver;

/**
 * Published optima (PSPLIB j301_1: 43, Kolisch and Sprecher 1997; ft06: 55 and ft10: 930, Fisher and Thompson 1963; the
 * data from memory), and a verifier that knows nothing of how schedules are made.
 */
final class SolverPartsTest extends TestCase
{
    use KnownProjects;

    public function test_justification_never_makes_a_schedule_longer(): void
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            $raw = GeneratedProjects::drawn(30, 1.8, 0.75, 0.2, $seed);
            $project = Project::of(...$raw);
            $justification = new Justification($project);
            $budget = new Budget(10);
            $first = $justification->first($project->order, $budget);
            $doubled = $justification->doubled($first, $budget);
            self::assertLessThanOrEqual($first->makespan, $doubled->makespan);
            self::assertSame([], self::wrongs($raw[0], $raw[1], $raw[2], $raw[3], $doubled));
            self::assertSame(3, $budget->spent, 'forward, back and forward again are three');
        }
    }

    public function test_many_resources_are_packed_into_several_words_with_the_same_outcome(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            [$durations, $successors, $demands, $capacities] = GeneratedProjects::drawn(20, 1.5, 1.0, 0.2, $seed);
            $wide = array_map(static fn (array $one): array => [...$one, ...array_fill(0, 30, 0), ...$one], $demands);
            $few = Project::of($durations, $successors, $demands, $capacities);
            $many = Project::of(
                $durations, $successors, $wide, [...$capacities, ...array_fill(0, 30, 3), ...$capacities],
            );
            self::assertGreaterThan(1, count($many->room));
            self::assertSame(
                (new SerialGeneration($few))->schedule($few->order),
                (new SerialGeneration($many))->schedule($few->order),
            );
        }
    }

    public function test_swaps_on_machines_never_leave_a_better_start(): void
    {
        for ($seed = 1; $seed <= 15; $seed++) {
            $project = Project::of(...GeneratedProjects::jobShop(6, 5, $seed));
            $start = Evolution::solve($project, new Budget(3), $seed);
            self::assertLessThanOrEqual(
                $start->makespan,
                (new MachineSwaps($project, $seed))->improve($start, new Budget(200))->makespan,
            );
            self::assertSame(
                $start, (new MachineSwaps($project, $seed))->improve($start, new Budget(0)),
                'nothing to spend, nothing changed',
            );
        }
    }

    public function test_a_project_is_a_job_shop_only_if_every_job_takes_one_machine(): void
    {
        self::assertNotNull(Project::of(...GeneratedProjects::jobShop(3, 3, 1))->machines);
        self::assertNull(Project::of(...GeneratedProjects::drawn(12, 1.5, 0.5, 0.5, 1))->machines);
        self::assertNull(Project::of([2, 3], [[1], []], [[1], [0]], [1])->machines);
    }

    public function test_time_that_is_up_ends_the_search_with_what_there_is(): void
    {
        $project = Project::of(...GeneratedProjects::drawn(30, 1.8, 0.75, 0.2, 5));
        $asked = 0;
        $budget = new Budget(100_000, static function () use (&$asked): bool {
            return ++$asked > 25;
        });
        self::assertGreaterThan(0, Solver::solve($project, $budget, 1)->makespan);
        self::assertLessThan(200, $budget->spent);
    }

    public function test_what_cannot_be_scheduled_is_named(): void
    {
        foreach ([
            [[[1], [0]], [[1], [1]], 'These wait for each other: job 1, job 2.'],
            [[[1], []], [[5], [1]], 'Job 1 wants 5 of resource 1; there are 3.'],
        ] as [$successors, $demands, $sentence]) {
            try {
                Project::of([2, 2], $successors, $demands, [3]);
                self::fail($sentence);
            } catch (ImpossibleProblem $impossible) {
                self::assertSame($sentence, $impossible->getMessage());
            }
        }
    }

    public function test_the_lower_bound_is_the_longest_chain_or_the_work_over_the_capacity(): void
    {
        self::assertSame(38, self::file('j301_1')->project()->lowerBound());
        self::assertSame(7, Project::of([4, 6], [[], []], [[2], [2]], [3])->lowerBound(), '20 units of work on 3');
    }
}
