<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Formats\PsplibProject;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Schedule\Building\Builder;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Problem\Worker;
use Regimen\Schedule\Search\CriticalPath;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Units\Duration;
use Regimen\Units\UnreadableFile;

/**
 * Source: instance j301_1 of PSPLIB (Kolisch and Sprecher 1997; the copy in reference/ is written down from memory of
 * the library's file): 38 when resources are ignored.
 */
final class CriticalPathTest extends TestCase
{
    public function test_the_published_length_by_forward_and_backward_pass(): void
    {
        $project = $this->instance();
        $path = CriticalPath::through($project->durations, $project->predecessors());
        self::assertSame(38, $path->length);
        self::assertSame(0, $path->totalFloat('1'));
        $along = array_sum(
            array_map(static fn (string $job): int => $project->durations[(int) $job], $path->critical()),
        );
        self::assertGreaterThanOrEqual(38, $along);
    }

    /**
     * A textbook example that is told in many places (memory): seven activities with three estimates each; the expected
     * length is 19.5 days along A, C, E and G, and the others have 3.8 and 4.7 days of slack.
     */
    public function test_the_usual_example_of_the_three_point_method(): void
    {
        $points = [
            'A' => [2, 4, 6], 'B' => [3, 5, 9], 'C' => [4, 5, 7], 'D' => [4, 6, 10], 'E' => [4, 5, 7], 'F' => [3, 4, 8],
            'G' => [3, 5, 8],
        ];
        $durations = array_map(
            static fn (array $hours): int => (int) round(
                100 * (
                    new ThreePoint(...array_map(static fn (int $one): Duration => Duration::ofHours($one), $hours))
                )->mean(),
            ),
            $points,
        );
        self::assertSame([400, 533, 517, 633, 517, 450, 517], array_values($durations));
        $path = CriticalPath::through(
            $durations,
            ['C' => ['A'], 'D' => ['A'], 'E' => ['B', 'C'], 'F' => ['D'], 'G' => ['E']],
        );
        self::assertSame(['A', 'C', 'E', 'G'], $path->critical());
        self::assertSame(1951, $path->length);
        self::assertEqualsWithDelta(
            [384, 468, 468],
            [$path->totalFloat('B'), $path->totalFloat('D'), $path->totalFloat('F')],
            1,
        );
    }

    /**
     * Hillier and Lieberman, Introduction to Operations Research, the construction project of the chapter on project
     * management (memory): 14 activities, 44 weeks along A, B, C, E, F, J, L, N.
     */
    public function test_the_construction_project_of_a_textbook(): void
    {
        $durations = [
            'A' => 2, 'B' => 4, 'C' => 10, 'D' => 6, 'E' => 4, 'F' => 5, 'I' => 7, 'G' => 7, 'H' => 9, 'J' => 8,
            'K' => 4, 'L' => 5, 'M' => 2, 'N' => 6,
        ];
        $before = [
            'B' => ['A'], 'C' => ['B'], 'D' => ['C'], 'E' => ['C'], 'F' => ['E'], 'G' => ['D'], 'H' => ['E', 'G'],
            'I' => ['C'], 'J' => ['F', 'I'], 'K' => ['J'], 'L' => ['J'], 'M' => ['H'], 'N' => ['K', 'L'],
        ];
        $path = CriticalPath::through($durations, $before);
        self::assertSame(44, $path->length);
        self::assertSame(['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'], $path->critical());
        self::assertSame(
            ['D' => 4, 'G' => 4, 'H' => 4, 'I' => 2, 'K' => 1, 'M' => 4],
            array_map($path->totalFloat(...), ['D' => 'D', 'G' => 'G', 'H' => 'H', 'I' => 'I', 'K' => 'K', 'M' => 'M']),
        );
    }

    public function test_the_builder_reaches_it_when_there_are_as_many_people_as_jobs(): void
    {
        $project = $this->instance();
        $always = WorkingHours::of(array_fill(1, 7, [[0, 1440]]), [], new \DateTimeZone('UTC'));
        $workers = array_map(
            static fn (int $id) => new Worker($id, "W{$id}", ['any'], Calendar::from($always, 0)),
            range(1, 30),
        );
        $activities = [];
        foreach ($project->predecessors() as $job => $before) {
            $activities[] = new Activity(
                "j{$job}",
                'project',
                5 * $project->durations[$job],
                skill: 'any',
                predecessors: array_map(static fn (int $earlier) => new Predecessor("j{$earlier}"), $before),
            );
        }
        $problem = new Problem(10_000, $activities, $workers, []);
        self::assertSame(10_000 + 5 * 38, Builder::plan($problem)->finishOf('project', $problem));
    }

    public function test_a_broken_file_is_refused_with_its_line(): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('Line 2');
        PsplibProject::parse("PRECEDENCE RELATIONS:\n  1  1  3  2 3\n");
    }

    private function instance(): PsplibProject
    {
        return PsplibProject::parse((string) file_get_contents(__DIR__.'/../reference/j301_1.sm'));
    }
}
