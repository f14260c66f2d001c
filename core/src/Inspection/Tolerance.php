<?php

declare(strict_types=1);

namespace Regimen\Inspection;

/** What a house lets pass: a limit, or a plus and minus, in the unit it is measured in. */
final readonly class Tolerance
{
    public function __construct(public string $key, public string $what, public float $value, public string $unit)
    {
    }
}
