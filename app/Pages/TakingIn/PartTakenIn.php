<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

use Regimen\Costing\KitState;

final readonly class PartTakenIn
{
    public function __construct(
        public int $id,
        public string $name,
        public string $amount,
        public KitState $state,
    ) {
    }
}
