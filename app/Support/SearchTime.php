<?php

declare(strict_types=1);

namespace App\Support;

/** How long the processor was at looking for plans in this request, for whoever measures the rest of it (`REGIMEN_TIMINGS`). */
final class SearchTime
{
    private static float $milliseconds = 0.0;

    /**
     * @template T
     *
     * @param  callable(): T  $search
     * @return T
     */
    public static function of(callable $search): mixed
    {
        $before = self::spent();
        try {
            return $search();
        } finally {
            self::$milliseconds += self::spent() - $before;
        }
    }

    /** As the header `Server-Timing` has it; all since it was asked for last. */
    public static function header(): string
    {
        [$told, self::$milliseconds] = [self::$milliseconds, 0.0];

        return sprintf('search;dur=%.3f', $told);
    }

    private static function spent(): float
    {
        /** @var array<string, int> $usage */
        $usage = getrusage();

        return 1e3 * ($usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec']) + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e3;
    }
}
