<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** A change of the stock. */
final readonly class MovementLine
{
    public function __construct(public string $on, public string $words, public float $quantity, public ?string $cost, public string $by)
    {
    }
}
