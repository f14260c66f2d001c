<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** One figure of how good forecasts are, with what it means. */
final readonly class HonestFigure
{
    public function __construct(public string $key, public string $name, public string $value, public string $because, public bool $isOff = false)
    {
    }
}
