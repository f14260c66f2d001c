<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** One step of the loop. */
final readonly class SetUpStepRows
{
    /**
     * @param  list<SetUpCell>  $cells
     * @param  list<string>  $before  what was read before the rest, where this is after it
     * @param  list<SetUpAdviceLine>  $advice
     * @param  bool  $now  whether it comes next
     */
    public function __construct(
        public string $step,
        public string $words,
        public string $tool,
        public array $cells,
        public array $before,
        public array $advice,
        public bool $now,
        public bool $done,
    ) {
    }
}
