<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** What a remedy would do to the plan of the whole shop. */
final readonly class RemedyTried
{
    /**
     * @param  string|null  $before  the finish as it is planned now, and as it would be; null where it cannot be planned
     * @param  list<string>  $others  other builds that would be over on another day
     * @param  list<string>  $tell  who has to be told, and what
     */
    public function __construct(
        public ?string $before,
        public ?string $after,
        public string $promise,
        public bool $late,
        public array $others,
        public bool $breaks,
        public array $tell,
        public ?string $refused,
    ) {
    }
}
