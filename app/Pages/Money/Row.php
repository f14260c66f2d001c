<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** An amount with what it is and where it comes from. */
final readonly class Row
{
    public function __construct(public string $name, public string $value, public string $because = '')
    {
    }
}
