<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

final readonly class ReasonChain
{
    /**
     * @param  list<ReasonStep>  $steps
     */
    public function __construct(
        public array $steps,
        public ?string $slack,
    ) {
    }
}
