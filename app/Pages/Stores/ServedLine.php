<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What a board could become. */
final readonly class ServedLine
{
    /**
     * @param  int  $across  that it would serve with its pieces turned across the grain, where that is more
     * @param  list<string>  $but  what is otherwise than was asked for
     */
    public function __construct(
        public int $build,
        public string $title,
        public string $what,
        public string $size,
        public int $times,
        public int $across,
        public int $usedPercent,
        public array $but,
    ) {
    }
}
