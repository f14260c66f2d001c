<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

final readonly class StageTakenIn
{
    /** @param  list<OperationToTakeIn>  $operations */
    public function __construct(
        public string $stage,
        public string $words,
        public int $minutes,
        public array $operations,
    ) {
    }
}
