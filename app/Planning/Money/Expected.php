<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Models\Money\PaymentPart;

/** A part of a price that is not invoiced yet. */
final readonly class Expected
{
    /**
     * @param  bool  $isDue  whether it can be asked for now
     * @param  string|null  $on  the day on which it can be by the plan; null where nobody can say
     * @param  string|null  $paid  the day by which it is paid by the house’s terms
     */
    public function __construct(public PaymentPart $part, public bool $isDue, public ?string $on, public ?string $paid)
    {
    }
}
