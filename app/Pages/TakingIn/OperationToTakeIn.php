<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

final readonly class OperationToTakeIn
{
    /**
     * @param  int  $minutes  of labour that it usually takes
     * @param  list<int>  $before  operations that it comes after
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $minutes,
        public bool $holds,
        public array $before,
    ) {
    }
}
