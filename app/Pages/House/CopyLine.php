<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class CopyLine
{
    public function __construct(public string $name, public string $at, public string $size, public bool $isSealed)
    {
    }
}
