<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

/**
 * Jobs that say more about a bad day than about the operation: further from the middle of their like than three and a half
 * deviations, which are measured by the median of the distances so that what is far out does not hide itself (the modified
 * z-score of the NIST/SEMATECH e-Handbook, 1.3.5.17; constant and limit from memory).
 */
final class Outliers
{
    /** Of fewer nobody can say which is the odd one. */
    public const FEWEST = 5;

    private const LIMIT = 3.5;

    private const NORMAL = 0.6745;

    /** Where all are nearly equal, a tenth to either side is not far out yet (house convention). */
    private const LEAST = 0.05;

    /**
     * @param  list<Job>  $jobs  of one operation and way
     * @return array{list<Job>, list<Outlier>} what teaches, and what is kept out
     */
    public static function of(array $jobs): array
    {
        $logs = array_filter(array_map(static fn (Job $one): ?float => $one->log(), $jobs), static fn (?float $log): bool => $log !== null);
        $kept = $out = [];
        $middle = self::median(array_values($logs));
        $distance = max(self::LEAST, self::median(array_values(array_map(static fn (float $log): float => abs($log - $middle), $logs))));
        foreach ($jobs as $at => $job) {
            $log = $logs[$at] ?? null;
            if ($log === null) {
                $out[] = new Outlier($job, $job->worked <= 0 ? 'no hours were recorded' : 'it was estimated at nothing');
            } elseif (count($logs) >= self::FEWEST && self::NORMAL * abs($log - $middle) / $distance > self::LIMIT) {
                $out[] = new Outlier($job, sprintf('%.1f × what was estimated, where others take %.1f ×', exp($log), exp($middle)));
            } else {
                $kept[] = $job;
            }
        }

        return [$kept, $out];
    }

    /** @param  list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);
        $count = count($numbers);

        return $count === 0 ? 0.0 : ($numbers[intdiv($count - 1, 2)] + $numbers[intdiv($count, 2)]) / 2;
    }
}
