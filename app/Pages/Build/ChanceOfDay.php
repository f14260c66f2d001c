<?php

declare(strict_types=1);

namespace App\Pages\Build;

/** A day by which something is over with such a chance, in per cent. */
final readonly class ChanceOfDay
{
    public function __construct(public string $day, public int $percent)
    {
    }
}
