<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** A job that teaches nothing, and why. */
final readonly class KeptOut
{
    public function __construct(public string $operation, public string $where, public string $because)
    {
    }
}
