<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** A figure of a year beside that of the year before. */
final readonly class YearLine
{
    /**
     * @param  float  $size  to draw it by, of the year
     * @param  float  $sizeBefore  of the year before
     */
    public function __construct(public string $name, public string $value, public string $before, public float $size, public float $sizeBefore, public string $because = '')
    {
    }
}
