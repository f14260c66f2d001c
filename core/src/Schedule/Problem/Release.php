<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** An instant before which an activity cannot start, and what it waits for. */
final readonly class Release
{
    public function __construct(public int $instant, public string $cause)
    {
    }
}
