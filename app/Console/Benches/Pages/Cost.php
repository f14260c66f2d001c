<?php

declare(strict_types=1);

namespace App\Console\Benches\Pages;

use App\Console\Benches\Shops\Served;

/** Seconds of the processor. */
final class Cost
{
    private const WARM = 8;

    private const TIMES = 16;

    /**
     * What one answer of a served shop takes in the mean, once everything is compiled.
     *
     * @param  callable(): void  $ask
     */
    public static function of(Served $served, callable $ask, int $warm = self::WARM, int $times = self::TIMES): float
    {
        for ($i = 0; $i < $warm; $i++) {
            $ask();
        }
        $before = $served->processorSeconds();
        for ($i = 0; $i < $times; $i++) {
            $ask();
        }

        return ($served->processorSeconds() - $before) / $times;
    }

    /** @param  callable(): mixed  $work  in this process; the best of a few */
    public static function best(callable $work): float
    {
        $best = INF;
        for ($run = 0; $run < 4; $run++) {
            $before = self::spent();
            $work();
            $best = min($best, self::spent() - $before);
        }

        return $best;
    }

    private static function spent(): float
    {
        /** @var array<string, int> $usage */
        $usage = getrusage();

        return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }
}
