<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/**
 * An activity that must be over before, with a least lag in clock minutes, named when it has a cause of its own (a lead
 * time).
 */
final readonly class Predecessor
{
    public function __construct(public int|string $activity, public int $lag = 0, public ?string $lagCause = null)
    {
    }
}
