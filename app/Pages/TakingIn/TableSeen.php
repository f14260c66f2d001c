<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

/** A table as it was read, before anything of it is taken. */
final readonly class TableSeen
{
    /**
     * @param  list<string>  $columns
     * @param  list<string>  $guesses  what each column seems to be; empty where nothing is guessed
     * @param  list<list<string>>  $rows  the first few
     * @param  string  $problem  why it cannot be taken as it stands; empty if it can
     * @param  string  $words  what would be taken
     */
    public function __construct(
        public array $columns,
        public array $guesses,
        public array $rows,
        public string $problem,
        public string $words,
    ) {
    }
}
