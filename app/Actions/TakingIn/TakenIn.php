<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

use App\Models\People\Person;
use Regimen\Costing\KitState;

/** What is known of an instrument that was on the bench before the shop began to record. */
final readonly class TakenIn
{
    /**
     * @param  Person  $worker  whose hours they are
     * @param  array<int, OperationTakenIn>  $operations  by id; what is not named has not begun
     * @param  array<string, int>  $minutes  worked so far, by stage
     * @param  array<int, array{KitState, string|null}>  $kit  by line, with the day on which it is expected
     */
    public function __construct(
        public int $version,
        public Person $worker,
        public array $operations,
        public array $minutes,
        public array $kit,
    ) {
    }
}
