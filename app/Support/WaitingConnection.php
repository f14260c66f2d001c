<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\SQLiteConnection;

/**
 * A connection whose transactions take the write lock at their start, so that two people changing the shop at once wait
 * for each other. PHP before 8.4 can only begin deferred ones, that read first and are refused when they come to write.
 */
final class WaitingConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
        // A write that changes nothing and needs no table: it waits for whoever writes now.
        $this->getPdo()->exec('PRAGMA user_version = 1');
    }
}
