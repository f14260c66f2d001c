<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

use Carbon\CarbonImmutable;
use Regimen\Route\OperationState;

/** How far an operation had come when its instrument was taken in. */
final readonly class OperationTakenIn
{
    /**
     * @param  CarbonImmutable|null  $until  when its hold ends; null unless it holds
     * @param  int  $minutes  worked on it so far, where it is begun
     */
    public function __construct(
        public int $id,
        public OperationState $state,
        public ?CarbonImmutable $until = null,
        public int $minutes = 0,
    ) {
    }
}
