<?php

declare(strict_types=1);

namespace App\Planning\Specification;

use Carbon\CarbonImmutable;

/** When a build that is only thought of could begin and be over; if it cannot be planned, why. */
final readonly class Ready
{
    public function __construct(public ?CarbonImmutable $start, public ?CarbonImmutable $finish, public ?string $why)
    {
    }
}
