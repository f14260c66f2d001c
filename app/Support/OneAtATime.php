<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** What processes do one after the other; the system lets the next one on, however the one before it ended. */
final class OneAtATime
{
    /** Microseconds between two looks at whether it still has to be waited for. */
    private const LOOKS = 20_000;

    /**
     * @template T
     *
     * @param  string  $file  that stands for what is done; it is made and left there
     * @param  callable(): T  $work
     * @param  (callable(): bool)|null  $isDone  whether another has done meanwhile what is waited for: the system lets the next one on in no
     *   order, so that whoever only wants to see that would wait for those who came later
     * @return ($isDone is null ? T : T|null) nothing where another has done it
     */
    public static function do(string $file, callable $work, ?callable $isDone = null): mixed
    {
        $turn = fopen($file, 'c') ?: throw new RuntimeException("{$file} cannot be opened.");
        try {
            while ($isDone !== null && ! flock($turn, LOCK_EX | LOCK_NB)) {
                if ($isDone()) {
                    return null;
                }
                usleep(self::LOOKS);
            }
            $isDone !== null || flock($turn, LOCK_EX);

            return $work();
        } finally {
            fclose($turn);
        }
    }
}
