<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Units\Duration;

/** What is usually done over where a reading lies outside. Common practice, no single source. */
final readonly class Rework
{
    private function __construct(public string $name, public Duration $labour, public Duration $hold)
    {
    }

    /** @param  float  $labour  hours */
    public static function of(string $name, float $labour, float $hold = 0.0): self
    {
        return new self($name, Duration::ofHours($labour), Duration::ofHours($hold));
    }
}
