<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

final readonly class BetterPlan
{
    /**
     * @param  list<FinishMoved>  $gains
     * @param  list<PersonMoved>  $moves
     */
    public function __construct(
        public int $id,
        public string $at,
        public array $gains,
        public array $moves,
    ) {
    }
}
