<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

/** What a need takes of a board’s cost. */
final readonly class CutCost
{
    public function __construct(public string $words, public ?string $money)
    {
    }
}
