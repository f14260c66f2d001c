<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class ScenarioShown
{
    /**
     * @param  list<ScenarioChange>  $changes
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $version,
        public array $changes,
    ) {
    }
}
