<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** One figure of the loop. */
final readonly class SetUpCell
{
    /**
     * @param  int  $string  from 0, the treble
     * @param  string  $value  what was read last; empty for nothing
     */
    public function __construct(
        public int $string,
        public string $name,
        public string $target,
        public string $value,
        public bool $good,
        public ?int $id,
    ) {
    }
}
