<?php

declare(strict_types=1);

namespace App\Pages\Trying;

/** One thing that a scenario changes. */
final readonly class ScenarioChange
{
    public function __construct(public int $id, public string $words)
    {
    }
}
