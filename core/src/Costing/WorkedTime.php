<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Duration;
use Regimen\Units\Money;

/** Time that was worked, at the rate of the person, or of the shop where the person has none. */
final readonly class WorkedTime
{
    public function __construct(public Duration $time, public Money $rate)
    {
    }
}
