<?php

declare(strict_types=1);

namespace App\Pages\Worked;

/** What a file would change, before anything is replaced. */
final readonly class FileSeen
{
    /**
     * @param  list<Change>  $changes
     * @param  string  $problem  why it cannot be taken; empty if it can
     * @param  string  $words  what would happen, in a sentence
     */
    public function __construct(
        public array $changes,
        public string $problem,
        public string $words,
    ) {
    }
}
