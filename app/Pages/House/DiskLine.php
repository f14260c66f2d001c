<?php

declare(strict_types=1);

namespace App\Pages\House;

final readonly class DiskLine
{
    public function __construct(public string $what, public string $words, public bool $warn)
    {
    }
}
