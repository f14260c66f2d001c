<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** What a supplier asks for a part. */
final readonly class OfferLine
{
    public function __construct(public int $id, public int $supplierId, public string $supplier, public string $number, public ?string $cost, public int $leadDays, public string $learned)
    {
    }
}
