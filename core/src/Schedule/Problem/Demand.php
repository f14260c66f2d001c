<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** What an activity occupies of a station, a fixture or a piece, while it is worked on and perhaps through its hold. */
final readonly class Demand
{
    public function __construct(public string $resource, public int $quantity = 1, public bool $throughHold = false)
    {
    }
}
