<?php

declare(strict_types=1);

namespace Regimen\Route;

/** One operation after another, and why. */
final readonly class Link
{
    public function __construct(public string $before, public string $after, public string $reason)
    {
    }
}
