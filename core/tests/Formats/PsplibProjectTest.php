<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\PsplibProject;
use Regimen\Units\UnreadableFile;

final class PsplibProjectTest extends TestCase
{
    public function test_the_reference_instance_is_read_whole(): void
    {
        $project = PsplibProject::parse((string) file_get_contents(__DIR__.'/../reference/j301_1.sm'));
        self::assertCount(32, $project->durations);
        self::assertSame([12, 13, 4, 12], $project->capacities);
        self::assertSame([6, 11, 15], $project->successors[2]);
        self::assertSame([4, 0, 0, 0], $project->demands[2]);
        self::assertSame(8, $project->durations[2]);
        self::assertSame([], $project->successors[32]);
        self::assertSame([29, 30, 31], $project->predecessors()[32]);
        self::assertSame(158, array_sum($project->durations), 'the horizon that the file states');
    }

    #[TestWith(['', 'every job has one line'])]
    #[TestWith(["PRECEDENCE RELATIONS:\n1 1 0\n", 'every job has one line'])]
    #[TestWith(["PRECEDENCE RELATIONS:\n1 1\n", 'Line 2'])]
    #[TestWith(["PRECEDENCE RELATIONS:\n1 1 0\nREQUESTS/DURATIONS:\n1 1\n", 'Line 4'])]
    #[
        TestWith(
            [
                "PRECEDENCE RELATIONS:\n1 1 1 7\nREQUESTS/DURATIONS:\n1 1 2\n",
                'Line 2 can\'t be read: there is no job 7',
            ],
        )
    ]
    #[TestWith(["PRECEDENCE RELATIONS:\n1 3 0\n", 'projects of several modes are not read'])]
    #[TestWith(["PRECEDENCE RELATIONS:\n2 1 0\n", 'job 1 is expected here'])]
    #[
        TestWith(
            ["PRECEDENCE RELATIONS:\n1 1 0\nREQUESTS/DURATIONS:\n1 1 -2\n", 'Line 4 can\'t be read: numbers of jobs'],
        )
    ]
    #[
        TestWith(
            [
                "PRECEDENCE RELATIONS:\n1 1 0\nREQUESTS/DURATIONS:\n1 1 2 1\nRESOURCEAVAILABILITIES:\n4 4\n",
                'Line 4 can\'t be read: a job has one demand for each of the 2 resources',
            ],
        )
    ]
    #[TestWith(["PRECEDENCE RELATIONS:\n1 1 0\nREQUESTS/DURATIONS:\n3 1 2\n", 'job 3 has no line of successors'])]
    #[
        TestWith(
            [
                "PRECEDENCE RELATIONS:\n1 1 0\nREQUESTS/DURATIONS:\n1 1 9999999\n",
                'Line 4 can\'t be read: a number has at most 6 digits',
            ],
        )
    ]
    #[
        TestWith(
            [
                "PRECEDENCE RELATIONS:\n1 1 1 99999999999999999999\n",
                'Line 2 can\'t be read: a number has at most 6 digits',
            ],
        )
    ]
    #[
        TestWith(
            [
                "PRECEDENCE RELATIONS:\n1 1 1 2\n2 1 0\nREQUESTS/DURATIONS:\n1 1 999999\n2 1 999999\n",
                'all durations together',
            ],
        )
    ]
    public function test_a_file_that_cannot_be_taken_is_refused_with_its_line(string $text, string $says): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($says);
        PsplibProject::parse($text);
    }
}
