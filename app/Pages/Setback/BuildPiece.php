<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** A piece as it is in a build. */
final readonly class BuildPiece
{
    /**
     * @param  string  $from  where it came from; empty for one that was made for it
     * @param  string  $joined  what is glued to it, in a sentence
     */
    public function __construct(
        public string $kind,
        public string $words,
        public string $from,
        public int $done,
        public int $all,
        public int $minutes,
        public string $joined,
    ) {
    }
}
