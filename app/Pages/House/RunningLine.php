<?php

declare(strict_types=1);

namespace App\Pages\House;

/** Something that runs beside the shop, and whether it does. */
final readonly class RunningLine
{
    public function __construct(public string $what, public string $words, public bool $warn)
    {
    }
}
