<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** Estimates against what was worked, by one thing. */
final readonly class BiasGroup
{
    /** @param  list<BiasLine>  $lines */
    public function __construct(public string $by, public array $lines)
    {
    }
}
