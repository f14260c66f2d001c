<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** A stage after which a share of the price is paid. */
final readonly class StagePayment
{
    public function __construct(public string $stage, public string $percent)
    {
    }
}
