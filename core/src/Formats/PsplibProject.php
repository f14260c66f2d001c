<?php

declare(strict_types=1);

namespace Regimen\Formats;

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

    /** @throws UnreadableFile naming the line and what is wrong with it */
    public static function parse(string $text): self
    {
        $successors = $durations = $demands = $capacities = [];
        $section = '';
        foreach (preg_split('/\R/', $text) ?: [] as $index => $line) {
            if (preg_match('/^\s*(PRECEDENCE RELATIONS|REQUESTS\/DURATIONS|RESOURCEAVAILABILITIES)/', $line, $head) === 1) {
                $section = $head[1];
            } elseif ($section !== '' && preg_match('/^\s*\d[\d\s]*$/', $line) === 1) {
                $numbers = array_map(intval(...), preg_split('/\s+/', trim($line)) ?: []);
                if ($section === 'PRECEDENCE RELATIONS') {
                    $successors[$numbers[0]] = self::successors($numbers, $index + 1);
                } elseif ($section === 'REQUESTS/DURATIONS') {
                    $durations[$numbers[0]] = $numbers[2] ?? throw UnreadableFile::at($index + 1, 'a job has its number, mode, duration and demands');
                    $demands[$numbers[0]] = array_slice($numbers, 3);
                } else {
                    $capacities = $numbers;
                }
            }
        }
        if ($successors === [] || count($successors) !== count($durations)) {
            throw UnreadableFile::at(count(preg_split('/\R/', $text) ?: []), 'every job has one line of successors and one of durations');
        }

        return new self($durations, $successors, $demands, $capacities);
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
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private static function successors(array $numbers, int $line): array
    {
        $successors = array_slice($numbers, 3);
        if (count($numbers) < 3 || count($successors) !== $numbers[2]) {
            throw UnreadableFile::at($line, 'a job has its number, its modes, how many successors it has, and these');
        }

        return $successors;
    }
}
