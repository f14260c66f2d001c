<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

/** What is left of a board and kept, in mm. */
final readonly class OffcutLine
{
    /** @param  string|null  $money  its share of the board’s cost, where the viewer sees money */
    public function __construct(public string $words, public ?string $money, public float $from, public float $across, public float $length, public float $width)
    {
    }
}
