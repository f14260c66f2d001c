<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class ReasonChain
{
    /**
     * @param  list<ReasonStep>  $steps  all of them, from the finish back to today
     * @param  list<ReasonStory>  $stories  the same in a dozen lines at the most
     */
    public function __construct(
        public array $steps,
        public array $stories,
        public ?string $slack,
    ) {
    }
}
