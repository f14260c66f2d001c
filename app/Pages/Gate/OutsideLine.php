<?php

declare(strict_types=1);

namespace App\Pages\Gate;

/** A line outside of its tolerance on which nothing is decided. */
final readonly class OutsideLine
{
    /**
     * @param  list<UsualRework>  $reworks
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $words,
        public array $reworks,
    ) {
    }
}
