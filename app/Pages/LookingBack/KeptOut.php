<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** A job that teaches nothing, and why. */
final readonly class KeptOut
{
    public function __construct(public string $operation, public string $where, public string $because)
    {
    }
}
