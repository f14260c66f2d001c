<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** A piece on a board, in mm. */
final readonly class LaidLine
{
    public function __construct(public string $words, public float $from, public float $across, public float $length, public float $width)
    {
    }
}
