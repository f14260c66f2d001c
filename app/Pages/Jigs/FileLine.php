<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

final readonly class FileLine
{
    public function __construct(public int $id, public string $name, public string $size)
    {
    }
}
