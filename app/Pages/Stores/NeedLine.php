<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What a build is still to be cut from. */
final readonly class NeedLine
{
    /** @param  list<int>  $boards  that serve it, the one with the least left over first */
    public function __construct(
        public int $build,
        public string $title,
        public string $what,
        public string $size,
        public string $timber,
        public array $boards,
        public bool $small,
    ) {
    }
}
