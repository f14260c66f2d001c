<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

/** A board or a need that can be taken into a cutting plan. */
final readonly class CutChoice
{
    public function __construct(public string $key, public string $words, public string $under, public bool $chosen)
    {
    }
}
