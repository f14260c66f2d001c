<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Schedule\Solver\Project;
use Regimen\Units\UnreadableFile;

/**
 * A project in the single-mode format of PSPLIB (Kolisch and Sprecher, PSPLIB: a project scheduling problem library,
 * European Journal of Operational Research 96, 1997).
 */
final readonly class PsplibProject
{
    /**
     * @param  array<int, int>  $durations  by job
     * @param  array<int, list<int>>  $successors  by job
     * @param  array<int, list<int>>  $demands  by job, one for each resource
     * @param  list<int>  $capacities
     */
    private function __construct(
        public array $durations,
        public array $successors,
        public array $demands,
        public array $capacities,
    ) {
    }

    /** Longer numbers stand in no project, and would not fit the memory. */
    private const DIGITS = 6;

    /** All durations together, so that a schedule can be laid out. */
    private const LONGEST = 1_000_000;

    private const SECTIONS = '/^\s*(PRECEDENCE RELATIONS|REQUESTS\/DURATIONS|RESOURCEAVAILABILITIES)/';

    /** @throws UnreadableFile naming the line and what is wrong with it */
    public static function parse(string $text): self
    {
        $lines = preg_split('/\R/', $text) ?: [];
        $rows = ['PRECEDENCE RELATIONS' => [], 'REQUESTS/DURATIONS' => [], 'RESOURCEAVAILABILITIES' => []];
        $section = null;
        foreach ($lines as $index => $line) {
            if (preg_match(self::SECTIONS, $line, $head) === 1) {
                $section = $head[1];
            } elseif (preg_match('/^[\s*]*$/', $line) === 1 || preg_match('/^\s*-*\s*$|[[:alpha:]]/', $line) === 1) {
                continue;
            } elseif ($section !== null) {
                $rows[$section][$index + 1] = self::numbers($line, $index + 1);
            }
        }
        $successors = self::successors($rows['PRECEDENCE RELATIONS']);
        if ($successors === []) {
            throw UnreadableFile::at(count($lines), 'every job has one line of successors and one of durations');
        }
        $capacities = array_values(array_map(array_values(...), $rows['RESOURCEAVAILABILITIES']))[0] ?? [];
        [$durations, $demands] = self::requests(
            $rows['REQUESTS/DURATIONS'], $successors, count($capacities), count($lines),
        );

        return new self($durations, $successors, $demands, $capacities);
    }

    /** @return list<int> */
    private static function numbers(string $line, int $at): array
    {
        if (preg_match('/^\s*\d+(\s+\d+)*\s*$/', $line) !== 1) {
            throw UnreadableFile::at($at, 'numbers of jobs, times and amounts are whole and not negative');
        }
        if (preg_match('/\d{'.(self::DIGITS + 1).',}/', $line) === 1) {
            throw UnreadableFile::at($at, 'a number has at most '.self::DIGITS.' digits');
        }

        return array_map(intval(...), preg_split('/\s+/', trim($line)) ?: []);
    }

    /** @return array<int, list<int>> jobs that must be over before, by job */
    public function predecessors(): array
    {
        $predecessors = array_fill_keys(array_keys($this->durations), []);
        foreach ($this->successors as $job => $after) {
            foreach ($after as $later) {
                $predecessors[$later][] = $job;
            }
        }

        return $predecessors;
    }

    /**
     * @param  array<int, list<int>>  $rows  by line
     * @return array<int, list<int>>
     */
    private static function successors(array $rows): array
    {
        $successors = [];
        foreach ($rows as $line => $numbers) {
            $after = array_slice($numbers, 3);
            if (count($numbers) < 3 || count($after) !== $numbers[2]) {
                throw UnreadableFile::at(
                    $line,
                    'a job has its number, its modes, how many successors it has, and these',
                );
            }
            if ($numbers[1] !== 1) {
                throw UnreadableFile::at($line, 'a job has one mode; projects of several modes are not read');
            }
            if ($numbers[0] !== count($successors) + 1) {
                throw UnreadableFile::at(
                    $line,
                    'jobs are numbered from 1 without a gap; job '.(count($successors) + 1).' is expected here',
                );
            }
            $successors[$numbers[0]] = $after;
        }
        foreach (array_values($successors) as $index => $after) {
            foreach ($after as $job) {
                if (! isset($successors[$job])) {
                    throw UnreadableFile::at(array_keys($rows)[$index], "there is no job {$job} to come after");
                }
            }
        }

        return $successors;
    }

    /**
     * @param  array<int, list<int>>  $rows  by line
     * @param  array<int, list<int>>  $successors
     * @return array{array<int, int>, array<int, list<int>>}
     */
    private static function requests(array $rows, array $successors, int $resources, int $last): array
    {
        $durations = $demands = [];
        foreach ($rows as $line => $numbers) {
            if (count($numbers) < 3) {
                throw UnreadableFile::at($line, 'a job has its number, mode, duration and demands');
            }
            if (! isset($successors[$numbers[0]])) {
                throw UnreadableFile::at($line, "job {$numbers[0]} has no line of successors");
            }
            if (count($numbers) !== 3 + $resources) {
                throw UnreadableFile::at($line, "a job has one demand for each of the {$resources} resources");
            }
            $durations[$numbers[0]] = $numbers[2];
            $demands[$numbers[0]] = array_slice($numbers, 3);
        }
        if (array_sum($durations) > self::LONGEST) {
            throw UnreadableFile::at($last, 'all durations together are at most '.number_format(self::LONGEST));
        }
        if (count($durations) !== count($successors)) {
            throw UnreadableFile::at($last, 'every job has one line of successors and one of durations');
        }
        ksort($durations);
        ksort($demands);

        return [$durations, $demands];
    }

    /**
     * @throws \Regimen\Schedule\Problem\ImpossibleProblem if links go round in a circle, or a job wants more than there
     *   is
     */
    public function project(): Project
    {
        return Project::of(
            array_values($this->durations),
            array_values(
                array_map(
                    static fn (array $after): array => array_map(static fn (int $job): int => $job - 1, $after),
                    $this->successors,
                ),
            ),
            array_values($this->demands),
            $this->capacities,
        );
    }
}
