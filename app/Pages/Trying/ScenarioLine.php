<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class ScenarioLine
{
    public function __construct(
        public int $id,
        public string $name,
        public int $changes,
    ) {
    }
}
