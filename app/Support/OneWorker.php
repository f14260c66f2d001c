<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Connection;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Support\Facades\DB;

/**
 * What a worker had begun when it was killed is free for the next one at once: whoever holds the lock beside the shop's file
 * knows that no other worker lives, for the system lets go of it with the process.
 */
final class OneWorker
{
    /** @var array<string, resource> by file, for as long as this process lives */
    private static array $held = [];

    /** Whether one works at this moment. */
    public static function lives(): bool
    {
        $lock = @fopen(DB::connection()->getDatabaseName().'-worker', 'r');
        if ($lock === false) {
            return false;
        }
        $isFree = flock($lock, LOCK_SH | LOCK_NB);
        fclose($lock);

        return ! $isFree;
    }

    public function handle(WorkerStarting $starting): void
    {
        $file = DB::connection()->getDatabaseName();
        if ($file === ':memory:' || isset(self::$held[$file])) {
            return;
        }
        $lock = fopen("{$file}-worker", 'c');
        if ($lock !== false && flock($lock, LOCK_EX | LOCK_NB)) {
            self::$held[$file] = $lock;
            DB::transaction(static fn (Connection $shop): int => $shop->table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]));
        }
    }
}
