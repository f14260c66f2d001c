<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Database\SQLiteConnection;
use PDOException;
use Throwable;

/**
 * A connection whose transactions take the write lock at their start, so that two people changing the shop at once wait
 * for each other. PHP before 8.4 can only begin deferred ones, that read first and are refused when they come to write.
 */
final class WaitingConnection extends SQLiteConnection
{
    /** So often it waits for whoever writes, each time for as long as `busy_timeout` says; nothing has been read by then. */
    private const PATIENCE = 4;

    /** SQLite itself rolled everything back (sqlite.org/lang_transaction.html, “Response To Errors”), and PDO does not know. */
    private bool $isRolledBack = false;

    protected function executeBeginTransactionStatement(): void
    {
        for ($left = self::PATIENCE - 1; ; $left--) {
            $this->getPdo()->beginTransaction();
            try {
                // A write that changes nothing and needs no table: it waits for whoever writes now.
                $this->getPdo()->exec('PRAGMA user_version = 1');

                return;
            } catch (PDOException $busy) {
                // What was begun is given back: a connection that keeps it could never begin again.
                $this->performRollBack(0);
                if ($left <= 0 || Trouble::of($busy)?->isBusy() !== true) {
                    throw $busy;
                }
            }
        }
    }

    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $failed) {
            if (preg_match('/no transaction is active|no such savepoint/', $failed->getMessage()) !== 1) {
                throw $failed;
            }
            // An empty one takes its place, so that what PDO believes is true and can be ended.
            $this->isRolledBack = true;
            $this->getPdo()->exec('BEGIN');
            if ($toLevel === 0) {
                $this->getPdo()->rollBack();
            }
        }
        $this->isRolledBack = $this->isRolledBack && $toLevel > 0;
    }

    /**
     * Nothing is kept of an action whose first part is gone.
     *
     * @param  int  $attempts
     */
    public function transaction(Closure $callback, $attempts = 1): mixed
    {
        return parent::transaction(function () use ($callback): mixed {
            $result = $callback($this);
            if ($this->isRolledBack) {
                throw new PDOException('What was begun was rolled back by the database.');
            }

            return $result;
        }, max(1, $attempts));
    }

    /** What could not be committed is given back, too. */
    protected function handleCommitTransactionException(Throwable $e, $currentAttempt, $maxAttempts): void
    {
        $this->performRollBack(0);
        parent::handleCommitTransactionException($e, $currentAttempt, $maxAttempts);
    }
}
