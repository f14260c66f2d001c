<?php

declare(strict_types=1);

namespace Regimen\Schedule;

/** What has been told to a person for the next hours and is not changed by planning: who, and when it begins. */
final readonly class Frozen
{
    public function __construct(public ?int $worker, public int $start)
    {
    }
}
