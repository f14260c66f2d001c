<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Planning\Forecast\Backtest;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;

/** Replays builds that are over as they were known when they were ordered; what is done is kept build by build. */
final class ReplayPast implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const UNDER_WAY = 'the past is replayed';

    /** Seconds after which one that was killed counts as over. */
    private const LONGEST = 900;

    public int $timeout = 900;

    public int $uniqueFor = 900;

    public function handle(Backtest $backtest): void
    {
        Cache::put(self::UNDER_WAY, true, self::LONGEST);
        try {
            $backtest->run();
        } finally {
            Cache::forget(self::UNDER_WAY);
        }
    }

    public static function ask(): void
    {
        Cache::put(self::UNDER_WAY, true, self::LONGEST);
        self::dispatch();
    }

    public static function isUnderWay(): bool
    {
        return (bool) Cache::get(self::UNDER_WAY, false);
    }

    public function failed(): void
    {
        Cache::forget(self::UNDER_WAY);
    }
}
