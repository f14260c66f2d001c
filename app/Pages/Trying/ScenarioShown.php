<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class ScenarioShown
{
    /**
     * @param  list<string>  $changes
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $changes,
    ) {
    }
}
