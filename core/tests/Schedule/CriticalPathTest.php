<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Regimen\Formats\PsplibProject;
use Regimen\Formats\UnreadableFile;
use Regimen\Schedule\Activity;
use Regimen\Schedule\Builder;
use Regimen\Schedule\Calendar;
use Regimen\Schedule\CriticalPath;
use Regimen\Schedule\Predecessor;
use Regimen\Schedule\Problem;
use Regimen\Schedule\Worker;
use Regimen\Schedule\WorkingHours;

/**
 * Source: instance j301_1 of PSPLIB (Kolisch and Sprecher 1997; the copy in reference/ is written down from memory of
 * the library's file): 38 when resources are ignored.
 */
final class CriticalPathTest extends TestCase
{
    public function test_the_published_length_by_forward_and_backward_pass(): void
    {
        $project = $this->instance();
        $path = CriticalPath::of($project->durations, $project->predecessors());
        self::assertSame(38, $path->length);
        self::assertSame(0, $path->totalSlack('1'));
        $along = array_sum(array_map(static fn (string $job): int => $project->durations[(int) $job], $path->critical()));
        self::assertGreaterThanOrEqual(38, $along);
    }

    public function test_the_builder_reaches_it_when_there_are_as_many_people_as_jobs(): void
    {
        $project = $this->instance();
        $always = WorkingHours::of(array_fill(1, 7, [[0, 1440]]), [], new \DateTimeZone('UTC'));
        $workers = array_map(static fn (int $id) => new Worker($id, "W{$id}", ['any'], Calendar::from($always, 0)), range(1, 30));
        $activities = [];
        foreach ($project->predecessors() as $job => $before) {
            $activities[] = new Activity("j{$job}", 'project', $project->durations[$job], skill: 'any', predecessors: array_map(static fn (int $earlier) => new Predecessor("j{$earlier}"), $before));
        }
        $problem = new Problem(10_000, $activities, $workers, []);
        self::assertSame(10_038, Builder::plan($problem)->finishOf('project', $problem));
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
