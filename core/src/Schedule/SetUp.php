<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** What a station is set to for an activity, and the working minutes that takes; the same setting right before saves them. */
final readonly class SetUp
{
    public function __construct(public string $key, public int $minutes)
    {
    }
}
