<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

final readonly class BitLine
{
    public function __construct(public int $id, public string $name, public string $words, public bool $dull, public int $version)
    {
    }
}
