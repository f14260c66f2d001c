<?php

declare(strict_types=1);

namespace Regimen\Tests\Schedule\Solver;

use Regimen\Formats\PsplibProject;
use Regimen\Schedule\Solver\Solution;

/** What the tests of this subject share. */
trait KnownProjects
{
    /**
     * Written from the definition alone: every link, every resource in every unit of time, and the length.
     *
     * @param  list<int>  $durations
     * @param  list<list<int>>  $successors
     * @param  list<list<int>>  $demands
     * @param  list<int>  $capacities
     * @return list<string>
     */
    public static function wrongs(
        array $durations,
        array $successors,
        array $demands,
        array $capacities,
        Solution $solution,
    ): array {
        $wrongs = [];
        $length = 0;
        foreach ($solution->starts as $job => $start) {
            $length = max($length, $start + $durations[$job]);
            foreach ($successors[$job] as $after) {
                if ($solution->starts[$after] < $start + $durations[$job]) {
                    $wrongs[] = "{$after} begins before {$job} is over";
                }
            }
        }
        for ($time = 0; $time < $length; $time++) {
            foreach ($capacities as $resource => $capacity) {
                $taken = 0;
                foreach ($solution->starts as $job => $start) {
                    $taken += $start <= $time && $time < $start + $durations[$job] ? $demands[$job][$resource] : 0;
                }
                if ($taken > $capacity) {
                    $wrongs[] = "{$taken} of {$capacity} of resource {$resource} at {$time}";
                }
            }
        }

        return [
            ...$wrongs,
            ...$length === $solution->makespan && count($solution->starts) === count($durations)
            && min($solution->starts) >= 0
            ? []
            : ['the length is wrong'],
        ];
    }

    private static function file(string $name): PsplibProject
    {
        return PsplibProject::parse((string) file_get_contents(__DIR__."/../../reference/{$name}.sm"));
    }
}
