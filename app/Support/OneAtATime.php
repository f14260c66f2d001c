<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** What processes do one after the other; the system lets the next one on, however the one before it ended. */
final class OneAtATime
{
    /**
     * @template T
     *
     * @param  string  $file  that stands for what is done; it is made and left there
     * @param  callable(): T  $work
     * @return T
     */
    public static function do(string $file, callable $work): mixed
    {
        $turn = fopen($file, 'c') ?: throw new RuntimeException("{$file} cannot be opened.");
        try {
            flock($turn, LOCK_EX);

            return $work();
        } finally {
            fclose($turn);
        }
    }
}
