<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** Quoted against what it came to. */
final readonly class WhyRow
{
    public function __construct(public string $name, public string $quoted, public string $actual)
    {
    }
}
