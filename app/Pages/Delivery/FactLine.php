<?php

declare(strict_types=1);

namespace App\Pages\Delivery;

final readonly class FactLine
{
    public function __construct(public string $what, public string $value, public string $known)
    {
    }
}
