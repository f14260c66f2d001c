<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** What something in the stores is worth. */
final readonly class ValueLine
{
    public function __construct(public string $what, public string $value, public string $because)
    {
    }
}
