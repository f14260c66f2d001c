<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Pages\Worked\Drawing;

/** An instrument as lists show it. */
final readonly class DrawnInstrument
{
    public function __construct(public string $inOneLine, public Drawing $drawing)
    {
    }
}
