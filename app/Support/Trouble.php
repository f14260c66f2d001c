<?php

declare(strict_types=1);

namespace App\Support;

use PDOException;
use Throwable;

/** What keeps the shop's file from being written, told apart by SQLite's own result codes (sqlite.org/rescode.html). */
enum Trouble: int
{
    case Busy = 5;
    case Locked = 6;
    case Broken = 10;
    case OutOfRoom = 13;
    case Unopened = 14;

    public static function of(Throwable $failed): ?self
    {
        for ($one = $failed; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof PDOException && is_numeric($one->errorInfo[1] ?? null)) {
                // The extended codes keep the plain one in their lowest byte.
                return self::tryFrom(((int) $one->errorInfo[1]) & 0xFF);
            }
            if (preg_match('/No space left on device|possibly out of free disk space|Disk quota exceeded|File too large/', $one->getMessage()) === 1) {
                return self::OutOfRoom;
            }
        }

        return null;
    }

    /** Somebody else writes; it is worth trying again. */
    public function isBusy(): bool
    {
        return $this === self::Busy || $this === self::Locked;
    }

    public function headline(): string
    {
        return match ($this) {
            self::Busy, self::Locked => 'Somebody else is changing the shop',
            self::OutOfRoom => 'The disk is full',
            self::Broken, self::Unopened => 'The disk cannot be read or written',
        };
    }

    /** Said to whoever wanted to write; nothing of it was. */
    public function words(): string
    {
        return match ($this) {
            self::Busy, self::Locked => 'Somebody else has been changing the shop for long. Nothing of yours was saved; do it again.',
            self::OutOfRoom => 'The disk is full. Nothing was saved, and what is there is whole. Make room on it, then do it again.',
            self::Broken, self::Unopened => 'The disk could not be read or written. Nothing was saved. Look whether it is full or failing, then do it again.',
        };
    }
}
