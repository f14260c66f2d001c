<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** A tax that the house has set. */
final readonly class TaxRow
{
    public function __construct(public int $id, public string $country, public string $name, public string $words)
    {
    }
}
