<?php

declare(strict_types=1);

namespace App\Pages\Plan;

/** Something that can be taken away from the calendar again. */
final readonly class Removable
{
    /**
     * @param  list<int>  $ids
     */
    public function __construct(
        public array $ids,
        public string $table,
        public string $words,
    ) {
    }
}
