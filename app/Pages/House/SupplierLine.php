<?php

declare(strict_types=1);

namespace App\Pages\House;

/** How long a supplier takes, as it was learned. */
final readonly class SupplierLine
{
    /** @param  int  $ninth  days within which nine of ten orders come */
    public function __construct(public string $name, public int $orders, public int $median, public int $ninth)
    {
    }
}
