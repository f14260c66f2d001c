<?php

declare(strict_types=1);

namespace Regimen\Schedule\Search;

use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Problem\Due;
use Regimen\Schedule\Tables\Tables;

/** Orders that a foreman would think of, to begin the search with. */
final class Starts
{
    /** A build without a promise comes behind all the others. */
    private const NO_HURRY = 2_000_000;

    /** @return iterable<Candidate> */
    public static function of(Tables $tables): iterable
    {
        $tail = self::tails($tables);
        $due = [];
        foreach ($tables->builds as $build) {
            $one = $tables->problem->dues[$build] ?? new Due(null);
            $due[] = $one->instant === null ? self::NO_HURRY : $one->instant - $tables->now;
        }
        $work = array_fill(0, count($due), 0);
        foreach ($tables->work as $index => $minutes) {
            $work[$tables->build[$index]] += $minutes;
        }
        $by = static fn (callable $key): Candidate => new Candidate(array_map(
            static fn (int $index): int => $key($index, $tables->build[$index]),
            range(0, $tables->count - 1),
        ));
        // Whose promise leaves the least time, whole builds one after the other (by promise, by work, by both), and what
        // has most before it.
        yield $by(static fn (int $index, int $build): int => $due[$build] - 2 * $tail[$index]);
        yield $by(static fn (int $index, int $build): int => $due[$build]);
        yield $by(static fn (int $index, int $build): int => $work[$build]);
        yield $by(static fn (int $index, int $build): int => $due[$build] - 3 * $work[$build]);
        yield $by(static fn (int $index, int $build): int => -$tail[$index]);
        yield $by(static fn (int $index, int $build): int => $tail[$index]);
    }

    /** @return list<int> clock minutes from the start of each to the end of its build, with labour as if day and night */
    private static function tails(Tables $tables): array
    {
        $tail = array_fill(0, $tables->count, 0);
        for ($index = $tables->count - 1; $index >= 0; $index--) {
            $tail[$index] += $tables->work[$index] * 3 + $tables->hold[$index];
            foreach ($tables->before[$index] as [$before, $lag]) {
                $tail[$before] = max($tail[$before], $tail[$index] + $lag);
            }
        }

        return array_values($tail);
    }
}
