<?php

declare(strict_types=1);

namespace Regimen\Stores\Buying;

/** What a supplier asks for something, and in how many days nine of ten of its orders have come. */
final readonly class Offer
{
    /** @param  int  $cost  minor units for all that is wanted */
    public function __construct(public int $supplier, public int $cost, public int $days)
    {
    }
}
