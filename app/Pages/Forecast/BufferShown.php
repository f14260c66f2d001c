<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** The time between the middle of what is likely and the promise, and how much of it is eaten. */
final readonly class BufferShown
{
    public function __construct(public string $words, public int $eaten, public int $done, public string $because)
    {
    }
}
